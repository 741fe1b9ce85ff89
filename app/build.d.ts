/** When this build was made: what another one has worked out is not believed. */
declare const __RENATUS_BUILD__: string

/** What the build makes of the service worker. */
declare module 'virtual:pwa-register' {
  /** @returns goes over to the version that waits */
  export function registerSW(options: {
    immediate: boolean
    onNeedRefresh(): void
    onRegisteredSW(url: string, registration: ServiceWorkerRegistration | undefined): void
    onRegisterError(error: unknown): void
  }): () => Promise<void>
}
