/** The time zone of this device. Who asks first waits: the browser loads what it knows of languages then. */
export const deviceZone = (): string =>
  new Intl.DateTimeFormat('en-US').resolvedOptions().timeZone || 'UTC'
