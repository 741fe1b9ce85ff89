/** Once the page has nothing else to do. */
export const whenIdle = (act: () => void) =>
  'requestIdleCallback' in globalThis
    ? requestIdleCallback(act, { timeout: 3000 })
    : setTimeout(act, 500)
