declare global {
  /** Put there by end-to-end tests, which move the time of the app and of nothing else. */
  var renatusNow: (() => number) | undefined
}

/** The time of this device, ms. Everything on the page asks here. */
export const nowMs = (): number => globalThis.renatusNow?.() ?? Date.now()
export const nowInstant = (): string => new Date(nowMs()).toISOString()
