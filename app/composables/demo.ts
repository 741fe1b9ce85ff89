import { deviceZone } from '~/composables/deviceZone'
import { nowInstant } from '~/composables/clock'
import { useFailures } from './useFailures'
import { workerClient } from '~/engine/workerClient'
import { effectScope, ref, watch } from 'vue'
import { localDateOf } from '@renatus/core/time/localDate'
import { DATABASES } from '~/db/databaseNames'
import { local } from '~/db/local'
import { useRoomStore } from '~/stores/room'
import type { DemoMaker } from '~/workers/demo.worker'

const MADE_ON = 'demoMadeOn'
/** The same beside the database, known at once and not to be relied on. */
const MADE_ON_HERE = 'renatus.demoMadeOn'

/** Whether the demo room is still to come: it may have to be made. */
export const demoComes = ref(true)
/** So long it may take until what was written stands on the page, ms. */
const STANDS_MS = 5000

/** When the demo room has come to the page, or is not going to. */
const stands = (room: ReturnType<typeof useRoomStore>): Promise<void> =>
  new Promise(resolve => {
    const isHere = () => room.which === 'demo' && room.state !== null
    const scope = effectScope()
    const end = () => {
      scope.stop()
      resolve()
    }
    setTimeout(end, STANDS_MS)
    scope.run(() => watch(isHere, is => is && end(), { immediate: true }))
  })

/** Makes it in a worker of its own, and writes it there: the page has other things to do. */
const demoMaker = () =>
  workerClient<DemoMaker>(
    'making the demo room',
    () => new Worker(new URL('../workers/demo.worker.ts', import.meta.url), { type: 'module' }),
  )

/** A room that is to be made: who makes it, and for when and where. */
const making = () => ({
  maker: demoMaker(),
  asked: { database: DATABASES.demo, now: nowInstant(), timeZone: deviceZone() },
})
type Making = ReturnType<typeof making>
let woken: Making | null = null

/** Has it got ready. Where that does not come, making it fails and is told. */
const getReady = ({ maker, asked }: Making) =>
  void maker.call(m => m.awake(asked)).catch(() => null)

/** The address asks for it and it was never made here: it is got ready while the page is set up. */
export function wakeDemo(): void {
  if (local.get(MADE_ON_HERE) !== null) return
  woken = making()
  getReady(woken)
}

/** Opens the demo room, made anew when it is from another day. */
export async function openDemoRoom(by: 'choice' | 'link' = 'choice'): Promise<void> {
  const room = useRoomStore()
  if (room.which !== 'demo') room.open('demo', by)
  demoComes.value = true
  const mine = woken ?? making()
  woken = null
  const { maker, asked } = mine
  const today = `${localDateOf(asked.now, asked.timeZone)} ${asked.timeZone}`
  try {
    // It will have to be made: it is got ready while the database is opened.
    if (local.get(MADE_ON_HERE) !== today) getReady(mine)
    const db = await room.database()
    if ((await db.meta.get(MADE_ON))?.value !== today) {
      await maker.call(m => m.make(asked))
      // What the day brought is learned from in its time, as in any room.
      await db.meta.put({ key: MADE_ON, value: today })
    }
    local.set(MADE_ON_HERE, today)
    maker.stop()
    await stands(room)
  } catch (error) {
    useFailures().report(error)
  } finally {
    maker.stop()
    demoComes.value = false
  }
}
