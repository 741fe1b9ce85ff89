/** The time zone of this device. Who asks first waits until the browser has loaded what it knows of languages and times. */
export const deviceZone = (): string =>
  new Intl.DateTimeFormat('en-US').resolvedOptions().timeZone || 'UTC'
