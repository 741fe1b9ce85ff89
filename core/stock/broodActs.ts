import type { LifeEvent } from '../fry/life'
import type { Draft, RecordDraft } from '../records/draft'
import type { EntryData } from '../records/entries'
import type { Tank } from '../records/records'
import type { LocalDate } from '../time/localDate'
import type { BroodState } from './broodState'

/** What somebody saw or did with a brood, as the log keeps it. */
type Act = { entries: Draft[]; records: RecordDraft[] }

const about = (b: BroodState) => ({ type: 'brood', id: b.id })
const only = (entry: Draft): Act => ({ entries: [entry], records: [] })

export const broodSeen = (b: BroodState, event: LifeEvent, on: LocalDate): Act =>
  only({ kind: 'brood.event', subject: about(b), data: { broodId: b.id, event, on } })

export const broodEnded = (b: BroodState, on: LocalDate): Act =>
  only({ kind: 'brood.ended', subject: about(b), data: { broodId: b.id, on, reason: 'ended' } })

export const broodCounted = (b: BroodState, fry: number, on: LocalDate): Act =>
  only({ kind: 'brood.counted', subject: about(b), data: { broodId: b.id, fry, on } })

type Left = EntryData<'brood.left'>
export const broodLeft = (
  b: BroodState,
  fry: number,
  on: LocalDate,
  how: Left['how'],
  toBroodId: string | null = null,
): Act =>
  only({
    kind: 'brood.left',
    subject: about(b),
    data: { broodId: b.id, fry, on, how, toBroodId },
  })

/** Part of a brood goes to another tank, as a brood of its own with the same dates. */
export function broodSplit(
  b: BroodState,
  fry: number,
  on: LocalDate,
  to: Pick<Tank, 'id' | 'name'>,
  newId: string,
): Act {
  const { free } = b.dates
  const record = {
    ...b.brood,
    id: newId,
    name: `${b.brood.name}, ${to.name}`.slice(0, 60),
    tankId: to.id,
    fry,
    countedOn: on,
    splitFrom: b.brood.id,
    anchor: {
      event: 'free',
      on: free.on,
      kind: free.seen ? 'seen' : 'expected',
      spreadDays: free.spreadDays,
    },
  } as unknown as RecordDraft
  return { entries: broodLeft(b, fry, on, 'split', newId).entries, records: [record] }
}

export const tankRead = (tank: Pick<Tank, 'id'>, temperatureC: number, was: number): Act =>
  only({
    kind: 'tank.temperature',
    subject: { type: 'tank', id: tank.id },
    data: {
      tankId: tank.id,
      temperatureC: temperatureC as never,
      was: was as never,
    },
  })

/** For so long a stage that was only worked out may still be told as seen, days. */
const LATELY_DAYS = 3

/** Stages somebody may just have seen: the next ones, and one that was only worked out and is not long past. */
export function nextEvents({ dates, stage, day }: BroodState): LifeEvent[] {
  const open = (event: 'spawned' | 'hatched'): LifeEvent[] =>
    dates[event] && !dates[event].seen ? [event] : []
  switch (stage) {
    case 'hoped':
      return ['spawned']
    case 'eggs':
      return [...open('spawned'), 'hatched']
    case 'yolk':
      return [...open('hatched'), 'free']
    default:
      return !dates.free.seen && day <= LATELY_DAYS ? ['free'] : []
  }
}
