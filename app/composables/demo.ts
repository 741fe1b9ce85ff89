import { nowInstant } from '~/composables/clock'
import { useFailures } from './useFailures'
import { workerClient } from '~/engine/workerClient'
import { ref } from 'vue'
import { localDateOf } from '@renatus/core/time/localDate'
import { DATABASES } from '~/db/database'
import { useRoomStore } from '~/stores/room'
import type { DemoMaker } from '~/workers/demo.worker'

const MADE_ON = 'demoMadeOn'

/** True while the demo room is being made. */
export const makingDemo = ref(false)

/** Opens the demo room, made anew when it is from another day. The generator runs in a worker of its own. */
export async function openDemoRoom(by: 'choice' | 'link' = 'choice'): Promise<void> {
  const room = useRoomStore()
  if (room.which !== 'demo') room.open('demo', by)
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'
  const now = nowInstant()
  const today = `${localDateOf(now, timeZone)} ${timeZone}`
  if ((await room.db.meta.get(MADE_ON))?.value === today) return
  makingDemo.value = true
  const maker = workerClient<DemoMaker>(
    'making the demo room',
    () => new Worker(new URL('../workers/demo.worker.ts', import.meta.url), { type: 'module' }),
  )
  try {
    // Written where it is made: the page has other things to do.
    await maker.call(m => m.make(DATABASES.demo, now, timeZone))
    // What the day brought is learned from in its time, as in any room.
    await room.db.meta.put({ key: MADE_ON, value: today })
  } catch (error) {
    useFailures().report(error)
  } finally {
    maker.stop()
    makingDemo.value = false
  }
}
