import { ref } from 'vue'

/** Whether the app opens on this device without its server: not known yet, being brought, kept, not to be had. */
type OfflineCopy = 'unknown' | 'comes' | 'kept' | 'failed'

export const offlineCopy = ref<OfflineCopy>('unknown')
/** A newer version has been brought and waits to be taken. */
export const newVersion = ref(false)
let take: (() => Promise<void>) | null = null

/** Goes over to the newer version: the page opens anew. */
export const takeNewVersion = (): Promise<void> => take?.() ?? Promise.resolve()

/** What a registration comes to. One that is not there, or whose worker is thrown away, keeps nothing. */
function follow(registration: ServiceWorkerRegistration | undefined): void {
  if (!registration) {
    offlineCopy.value = 'failed'
    return
  }
  const { installing } = registration
  offlineCopy.value = registration.active ? 'kept' : 'comes'
  installing?.addEventListener('statechange', () => {
    if (installing.state === 'activated') offlineCopy.value = 'kept'
    if (installing.state === 'redundant' && !registration.active) offlineCopy.value = 'failed'
  })
}

/** Has the browser keep the whole app, so that it opens without the network, and hears of newer versions. */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  const failed = () => {
    offlineCopy.value = 'failed'
  }
  try {
    const { registerSW } = await import('virtual:pwa-register')
    take = registerSW({
      immediate: true,
      onNeedRefresh: () => {
        newVersion.value = true
      },
      onRegisteredSW: (_, registration) => follow(registration),
      onRegisterError: failed,
    })
  } catch {
    failed()
  }
}
