import { deviceZone } from '~/composables/deviceZone'
import { nowInstant } from '~/composables/clock'
import { useFailures } from './useFailures'
import { askEngine } from '~/engine/engineClient'
import type { DemoAsked } from '~/engine/demoWeeks'
import { effectScope, ref, watch } from 'vue'
import { localDateOf } from '@renatus/core/time/localDate'
import { DATABASES } from '~/db/databaseNames'
import { local } from '~/db/local'
import { useRoomStore } from '~/stores/room'

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

/** Told by its name (words/failures.ts). */
class FetchFailed extends Error {
  override name = 'FetchFailed'
}

async function fetchWeeks(): Promise<string> {
  const answer = await fetch('/loft.json').catch(() => null)
  if (!answer?.ok) throw new FetchFailed('the weeks of the demo room did not come')
  return answer.text()
}

/** A room that is to be made: for when and where, and of what; asked for once. */
function asking() {
  const at = { database: DATABASES.demo, now: nowInstant(), timeZone: deviceZone() }
  let asked: Promise<DemoAsked> | null = null
  const whole = () => (asked ??= fetchWeeks().then(lived => ({ ...at, lived })))
  return { at, whole }
}
type Asking = ReturnType<typeof asking>
let woken: Asking | null = null

/** Has it got ready. Where that does not come, making it fails and is told. */
async function getReady({ whole }: Asking): Promise<void> {
  try {
    const asked = await whole()
    await askEngine(async engine => engine.readyDemo(asked))
  } catch {
    // Told by who makes it.
  }
}

/** The address asks for it and it was never made here: it is got ready while the page is set up. */
export function wakeDemo(): void {
  if (local.get(MADE_ON_HERE) !== null) return
  woken = asking()
  // The engine loads while the weeks come.
  askEngine(async engine => engine.ready()).catch(() => null)
  void getReady(woken)
}

/** Makes it: it stands before it is written. */
async function make(room: ReturnType<typeof useRoomStore>, { whole }: Asking): Promise<void> {
  const asked = await whole()
  await askEngine(async engine => engine.beginDemo(asked))
  await room.beginWith(() => askEngine(async engine => engine.writeDemo(asked)))
}

/** Opens the demo room, made anew when it is from another day. */
export async function openDemoRoom(by: 'choice' | 'link' = 'choice'): Promise<void> {
  const room = useRoomStore()
  if (room.which !== 'demo') room.open('demo', by)
  demoComes.value = true
  const mine = woken ?? asking()
  woken = null
  const today = `${localDateOf(mine.at.now, mine.at.timeZone)} ${mine.at.timeZone}`
  try {
    // It will have to be made: it is got ready while the database is opened.
    if (local.get(MADE_ON_HERE) !== today) void getReady(mine)
    const db = await room.opened()
    if ((await db.meta.get(MADE_ON))?.value !== today) {
      await make(room, mine)
      // What the day brought is learned from in its time, as in any room.
      await db.meta.put({ key: MADE_ON, value: today })
    }
    local.set(MADE_ON_HERE, today)
    await stands(room)
  } catch (error) {
    useFailures().report(error)
  } finally {
    demoComes.value = false
  }
}
