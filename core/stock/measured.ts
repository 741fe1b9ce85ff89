import type { Draft } from '../records/draft'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { CourseSource } from '../records/vocabulary'
import type { Reading } from '../instruments/reading'
import { ruleOfFish, ruleOfFood, type AlarmRule } from '../instruments/alarmRule'
import { hatchFood } from '../foods/hatchFood'
import { foodOf } from '../foods/index'
import { addHours, instantOf, type Instant } from '../time/localDate'
import { running } from './cultures'
import { airNow, temperatureNow } from './placeTemperature'
import type { RoomState } from './roomState'

export type MeasuredKind = 'place' | 'culture' | 'tank'

/** Something that a thermometer stands in. */
export interface Measured {
  type: MeasuredKind
  id: string
  name: string
  /** What is taken for its temperature now, °C; null where nobody has said. */
  c: number | null
  /** When it was read last; null for never. */
  readAt: Instant | null
  /** What is harmed in it, and when. */
  rules: AlarmRule[]
}

/** When each thing was read last, by its id. */
function lastRead(entries: readonly Entry[]): Map<string, Instant> {
  const last = new Map<string, Instant>()
  const see = (id: string, at: Instant) => {
    if (at > (last.get(id) ?? '')) last.set(id, at)
  }
  for (const e of ofKind(entries, 'place.temperature')) see(e.data.placeId, e.at)
  for (const e of ofKind(entries, 'tank.temperature')) see(e.data.tankId, e.at)
  for (const e of ofKind(entries, 'culture.temperature')) see(e.data.cultureId, e.at)
  for (const e of ofKind(entries, 'place.course')) see(e.data.placeId, e.data.points.at(-1)!.at)
  for (const e of ofKind(entries, 'tank.course')) see(e.data.tankId, e.data.points.at(-1)!.at)
  for (const e of ofKind(entries, 'culture.course')) see(e.data.cultureId, e.data.points.at(-1)!.at)
  return last
}

const foodRule = (foodId: string): AlarmRule[] => {
  const food = foodOf(foodId)
  return food ? [ruleOfFood(food)] : []
}

/** Everything in the room that has a temperature of its own: bottles that hatch, places, tanks, cultures that are warmed. */
export function measuredThings(state: RoomState): Measured[] {
  const read = lastRead(state.entries)
  const at = (id: string) => read.get(id) ?? null
  const live = running(state.cultureStates)
  const bottles = state.hatches
    .filter(h => h.endedAt === null)
    .map((h): Measured => ({
      type: 'culture',
      id: h.id,
      name: h.name,
      c: typeof h.temperature === 'number' ? h.temperature : (h.temperature.at(-1)?.c ?? null),
      readAt: at(h.id),
      rules: [ruleOfFood(hatchFood)],
    }))
  const places = state.places.map((p): Measured => {
    const { topC, bottomC } = airNow(p, state.entries)
    const here = live.filter(c => c.placeId === p.id && c.record.warmth === 'place')
    const known = [topC, bottomC].filter(c => c !== null)
    return {
      type: 'place',
      id: p.id,
      name: p.name,
      c: known.length > 0 ? known.reduce((a, b) => a + b, 0) / known.length : null,
      readAt: at(p.id),
      rules: [...new Set(here.map(c => c.record.foodId))].flatMap(foodRule),
    }
  })
  const tanks = state.tanks.map((t): Measured => ({
    type: 'tank',
    id: t.id,
    name: t.name,
    c:
      ofKind(state.entries, 'tank.temperature').findLast(e => e.data.tankId === t.id)?.data
        .temperatureC ?? t.temperatureC,
    readAt: at(t.id),
    rules: state.broods.flatMap(b =>
      b.tank?.id === t.id && b.species ? [ruleOfFish(b.species)] : [],
    ),
  }))
  const warmed = live
    .filter(c => c.record.warmth === 'own' && c.hatch === null)
    .map((c): Measured => ({
      type: 'culture',
      id: c.id,
      name: c.record.name,
      c: temperatureNow(c.record, state.places, state.entries),
      readAt: at(c.id),
      rules: foodRule(c.record.foodId),
    }))
  return [...bottles, ...places, ...tanks, ...warmed]
}

/** Points of one entry; more are written as several. */
const POINTS_AN_ENTRY = 2000

/** What a course of readings writes, for everything that stands in the same water or air. */
export function courseEntries(
  things: readonly Pick<Measured, 'type' | 'id'>[],
  how: CourseSource,
  points: readonly Reading[],
): Draft[] {
  const parts: Reading[][] = []
  for (let i = 0; i < points.length; i += POINTS_AN_ENTRY)
    parts.push(points.slice(i, i + POINTS_AN_ENTRY))
  return things.flatMap(thing =>
    parts.map((part): Draft => {
      const common = {
        subject: { type: thing.type, id: thing.id },
        at: part.at(-1)!.at,
      }
      if (thing.type === 'place')
        return { ...common, kind: 'place.course', data: { placeId: thing.id, how, points: part } }
      if (thing.type === 'tank')
        return { ...common, kind: 'tank.course', data: { tankId: thing.id, how, points: part } }
      return { ...common, kind: 'culture.course', data: { cultureId: thing.id, how, points: part } }
    }),
  )
}

/** Longest time that lowest and highest speak of, h: before that somebody forgot to set them back. */
const SINCE_MOST_H = 7 * 24

/** Since when lowest and highest of a thermometer speak, and a midnight of the room. */
export function sinceLook(
  { readAt }: Pick<Measured, 'readAt'>,
  state: Pick<RoomState, 'now' | 'today' | 'room'>,
): { from: Instant; midnight: Instant } {
  const most = addHours(state.now, -SINCE_MOST_H)
  const from = readAt && readAt < state.now ? readAt : addHours(state.now, -24)
  return {
    from: from < most ? most : from,
    midnight: instantOf(state.today, '00:00', state.room.timeZone),
  }
}
