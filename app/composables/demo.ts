import { useFailures } from './useFailures'
import { workerClient } from '~/engine/workerClient'
import { ref } from 'vue'
import { localDateOf } from '@renatus/core/time/localDate'
import { DATABASES } from '~/db/database'
import { keepLearning } from '~/db/learned'
import { learn } from '~/composables/learning'
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
  const now = new Date().toISOString()
  const today = `${localDateOf(now, timeZone)} ${timeZone}`
  if ((await room.db.meta.get(MADE_ON))?.value === today) return
  makingDemo.value = true
  const maker = workerClient<DemoMaker>(
    'making the demo room',
    () => new Worker(new URL('../workers/demo.worker.ts', import.meta.url), { type: 'module' }),
  )
  try {
    const { file, learning } = await maker.call(m => m.make(now, timeZone))
    // It comes with what its log has taught: only what the day brought is learned here.
    await keepLearning(room.db, learning)
    const { importRoom } = await import('~/db/transfer')
    await importRoom(room.db, file, 'replace')
    // Marked before it is learned from: a reload meanwhile must not make it again, over what was written in it.
    await room.db.meta.put({ key: MADE_ON, value: today })
    await learn(DATABASES.demo, now)
  } catch (error) {
    useFailures().report(error)
  } finally {
    maker.stop()
    makingDemo.value = false
  }
}
