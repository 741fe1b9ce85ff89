import { watch } from 'vue'
import { useRoomStore } from '~/stores/room'

/** What others wrote is looked for so often. */
const LOOK_MS = 15_000
/** So long after the last change the room is copied. */
const REST_MS = { folder: 4000, all: 30_000 }

const safekeeping = () => import('~/keep/safekeeping')

/** Keeps the user's own room in step with its folder, its second copy and its snapshots, while the page lives. */
export function useSafekeeping() {
  const room = useRoomStore()
  const own = () => room.which === 'own' && room.state !== null
  const step = async () => {
    if (own() && document.visibilityState === 'visible')
      await (await safekeeping()).keepInStep(await room.database())
  }
  const all = async () => {
    if (own()) await (await safekeeping()).keepSafe(await room.database())
  }
  let soon: ReturnType<typeof setTimeout> | undefined
  let later: ReturnType<typeof setTimeout> | undefined
  watch(
    () => (own() ? room.version : null),
    version => {
      clearTimeout(soon)
      clearTimeout(later)
      if (version === null) return
      soon = setTimeout(() => void step(), REST_MS.folder)
      later = setTimeout(() => void all(), REST_MS.all)
    },
    { immediate: true },
  )
  setInterval(() => void step(), LOOK_MS)
}
