import { onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import type { RenatusDatabase } from '~/db/database'
import { askEngine } from '~/engine/engineClient'
import type { Readings } from '~/engine/roomQuestion'
import { withTold, type RoomView } from '~/engine/roomView'
import type { Target } from './useDatabase'
import { useFailures } from './useFailures'
import { whenLifted } from './whenLifted'

interface Asked {
  target: Ref<Target>
  db: Ref<RenatusDatabase | null>
  /** Nothing is asked while it is false. */ on: Ref<boolean>
  now: Ref<string>
  hasty: Ref<boolean>
  wide: Ref<boolean>
  readings: Ref<Readings | null>
}

/** What a room hangs on; other tables change without changing it. */
const TABLES = ['entries', 'records', 'meta']

/** The room of a database, followed: asked for again when something in it changes, in this tab or another, and when time passes. */
export function useRoomView(asked: Asked) {
  const view = shallowRef<RoomView | null>(null)
  const { report } = useFailures()
  /**
   * Numbers of what was given, so that the engine can say whether it has it. What it began with it has
   * numbered itself.
   */
  const numbers = new WeakMap<Readings, number>()
  let given = 0
  let turn = 0
  let busy = false
  let again = false

  function numberOf(readings: Readings | null): number {
    if (!readings) return 0
    const number = numbers.get(readings) ?? ++given
    numbers.set(readings, number)
    return number
  }

  async function once(mine: number): Promise<void> {
    const all = asked.readings.value
    const question = {
      database: asked.target.value.name,
      now: asked.now.value,
      hasty: asked.hasty.value,
      wide: asked.wide.value,
      readings: numberOf(all),
      held: view.value?.held ?? null,
    }
    const answer = await askEngine(async engine => {
      const first = await engine.look(question)
      if (!first.lacks || !all) return first
      await engine.take(question.readings, all)
      return engine.look(question)
    })
    await whenLifted()
    if (mine !== turn || answer.lacks) return
    const told = withTold(view.value, answer)
    if (answer.begun && told?.begun) {
      numbers.set(told.begun.readings, told.begun.number)
      asked.readings.value ??= told.begun.readings
    }
    view.value = told
  }

  async function ask(): Promise<void> {
    if (busy) {
      again = true
      return
    }
    busy = true
    do {
      again = false
      if (!asked.on.value) break
      try {
        await once(turn)
      } catch (error) {
        report(error)
      }
    } while (again)
    busy = false
  }

  watch(asked.target, () => {
    turn++
    view.value = null
  })
  watch(Object.values(asked), () => void ask(), { immediate: true })
  let stop: (() => void) | null = null
  /** From the first database on; what was written before it listened is asked for then. */
  const listen = async () => {
    const { onChange } = await import('~/db/onChange')
    stop ??= onChange(
      () => asked.target.value.name,
      TABLES,
      () => void ask(),
    )
    await ask()
  }
  watch(asked.db, db => db && !stop && listen().catch(report), { immediate: true })
  onScopeDispose(() => stop?.())
  return { view, ask }
}
