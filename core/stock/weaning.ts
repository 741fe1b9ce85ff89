import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'

/** Meals a new food is offered before anybody decides. */
export const TEST_MEALS = 2
/** Days a refused food is left alone before it is offered again. */
export const WAIT_DAYS = 3

export interface WeaningTest {
  foodId: string
  startedOn: LocalDate
  looks: EntryData<'brood.bellies'>[]
}

/** Where a brood stands with new foods: the test that runs, those that were taken, those refused of late. */
export interface Weaning {
  test: WeaningTest | null
  taken: readonly string[]
  waiting: readonly string[]
  /** Day on which the last of those that wait is tried again; null where none waits. */
  waitsUntil: LocalDate | null
}

/** Reads the weaning tests of a brood from its entries. */
export function weaningOf(entries: readonly Entry[], today: LocalDate): Weaning {
  const decided = ofKind(entries, 'weaning.decided').map(e => e.data)
  const last = new Map(decided.map(d => [d.foodId, d]))
  const started = ofKind(entries, 'weaning.started').at(-1)
  const answered =
    started !== undefined &&
    ofKind(entries, 'weaning.decided').some(
      e => e.data.foodId === started.data.foodId && e.at >= started.at,
    )
  const test =
    started && !answered
      ? {
          foodId: started.data.foodId,
          startedOn: started.data.on,
          looks: ofKind(entries, 'brood.bellies')
            .filter(
              e => e.data.weaning && e.data.foodId === started.data.foodId && e.at >= started.at,
            )
            .map(e => e.data),
        }
      : null
  const resting = [...last.values()].filter(d => !d.take && daysBetween(d.on, today) < WAIT_DAYS)
  const ends = resting.map(d => addDays(d.on, WAIT_DAYS)).sort()
  return {
    test,
    taken: [...last.values()].filter(d => d.take).map(d => d.foodId),
    waiting: resting.map(d => d.foodId),
    waitsUntil: ends.at(-1) ?? null,
  }
}
