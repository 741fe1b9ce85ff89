import { gel } from '../feeds/gel'
import { allowedFoods } from '../fry/wishes'
import { portionOf } from '../gel/portion'
import type { GelMix, Room } from '../records/records'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import { broodLadder } from './broodLadder'
import type { BroodState } from './broodState'
import { usableOn, type GelBox } from './gelBoxes'

export const GEL_ID = gel.id

/** The mix a brood eats: one that names it, else one for any brood. */
export const mixFor = (mixes: readonly GelMix[], broodId: string): GelMix | null =>
  mixes.find(m => m.broodIds.includes(broodId)) ?? mixes.find(m => m.broodIds.length === 0) ?? null

/** Dry gel to offer a brood in a day, mg: its ration, the share of gel in it, and what is offered beyond what is caught. */
export function gelDryMg(brood: BroodState, room: Room, date: LocalDate): number {
  const day = broodLadder(brood, room, daysBetween(brood.freeOn, date), 1)[0]
  return day && daysBetween(brood.freeOn, date) >= 0 ? dryOf(day) : 0
}
const dryOf = (day: {
  organisms: Record<string, number>
  suitability: Record<string, { size: { dryUg: number } }>
}) => ((day.organisms[GEL_ID] ?? 0) * (day.suitability[GEL_ID]?.size.dryUg ?? 0)) / 1000

/** Dry gel of each of the coming days, mg; from today on. */
export function gelCourse(brood: BroodState, room: Room, today: LocalDate, days: number): number[] {
  if (!allowedFoods(room.foods, brood.brood.wishes).includes(GEL_ID))
    return Array.from({ length: days }, () => 0)
  const from = daysBetween(brood.freeOn, today)
  const ladder = new Map(broodLadder(brood, room, Math.max(0, from), days).map(d => [d.day, d]))
  return Array.from({ length: days }, (_, i) =>
    ladder.has(from + i) ? dryOf(ladder.get(from + i)!) : 0,
  )
}

/** Pieces out of a box for the broods of a tank on a day. */
export interface TankPieces {
  tankId: string
  broods: BroodState[]
  box: GelBox
  pieces: number
  dryMg: number
}

/** Who gets how many pieces of which box on a day: first in, first out; what a box lacks the next one gives. */
export function piecesFor(
  c: {
    broods: readonly BroodState[]
    room: Room
    mixes: readonly GelMix[]
    boxes: readonly GelBox[]
  },
  date: LocalDate,
): TankPieces[] {
  const left = new Map(c.boxes.map(b => [b.id, b.pieces]))
  const found: TankPieces[] = []
  const wants = new Map<
    string,
    { tankId: string; mixId: string; broods: BroodState[]; dryMg: number }
  >()
  for (const brood of c.broods) {
    const mix = mixFor(c.mixes, brood.id)
    const dryMg = mix && brood.tank ? gelDryMg(brood, c.room, date) : 0
    if (dryMg <= 0) continue
    const key = `${brood.tank!.id} ${mix!.id}`
    const want = wants.get(key) ?? { tankId: brood.tank!.id, mixId: mix!.id, broods: [], dryMg: 0 }
    want.broods.push(brood)
    want.dryMg += dryMg
    wants.set(key, want)
  }
  for (const want of wants.values()) {
    let dryMg = want.dryMg
    for (const box of c.boxes.filter(
      b => b.mixId === want.mixId && usableOn(b, date, c.room.timeZone),
    )) {
      const whole = portionOf(dryMg, box.dry, box.pieceG).pieces
      const pieces = Math.min(whole, left.get(box.id)!)
      if (pieces <= 0) continue
      left.set(box.id, left.get(box.id)! - pieces)
      found.push({
        tankId: want.tankId,
        broods: want.broods,
        box,
        pieces,
        dryMg: Math.min(dryMg, pieces * box.pieceDryMg),
      })
      dryMg = pieces === whole ? 0 : dryMg - pieces * box.pieceDryMg
      if (dryMg <= 0) break
    }
  }
  return found
}

/** How long the boxes of a mix last. */
export interface Cover {
  mix: GelMix
  /** Whole days from today on that are covered; `horizon` when nothing runs out. */
  days: number
  /** The first day without; null when none is seen. */
  emptyOn: LocalDate | null
  /** The last day to cook without a day missed. */
  cookBy: LocalDate | null
  /** Pieces a day over the covered days, of the first box. */
  piecesPerDay: number
  /** Dry gel wanted from the day it is empty on, mg a day, over two weeks. */
  dryPerDayThen: number
}

export const HORIZON_DAYS = 60
/** It sets and freezes over a night. */
const LEAD_DAYS = 1

interface BoxLeft {
  box: GelBox
  left: number
}

/** Takes whole pieces for a tank's day out of the boxes, in their order. */
function takePieces(stock: readonly BoxLeft[], wantedMg: number) {
  let lacksMg = wantedMg
  let pieces = 0
  for (const s of stock) {
    if (lacksMg <= 0) break
    if (s.left <= 0) continue
    const whole = portionOf(lacksMg, s.box.dry, s.box.pieceG).pieces
    const taken = Math.min(whole, s.left)
    s.left -= taken
    pieces += taken
    lacksMg = taken === whole ? 0 : lacksMg - taken * s.box.pieceDryMg
  }
  return { pieces, lacksMg }
}

/**
 * How many days the boxes of each mix last, by whole pieces as they would be given. Mixes that nobody eats are left out.
 * @param horizon days looked ahead
 */
export function gelCover(
  c: {
    broods: readonly BroodState[]
    room: Room
    mixes: readonly GelMix[]
    boxes: readonly GelBox[]
    today: LocalDate
    /** Today's tub is made: its pieces are out of the box. */ tubMade: boolean
  },
  horizon = HORIZON_DAYS,
): Cover[] {
  const courses = c.broods.flatMap(b => {
    const mix = mixFor(c.mixes, b.id)
    return mix && b.tank
      ? [{ mix, tank: b.tank.id, course: gelCourse(b, c.room, c.today, horizon) }]
      : []
  })
  return c.mixes.flatMap((mix): Cover[] => {
    const mine = courses.filter(x => x.mix.id === mix.id)
    const tanks = [...new Set(mine.map(x => x.tank))]
    const byDay = Array.from({ length: horizon }, (_, d) =>
      tanks.map(t => mine.filter(x => x.tank === t).reduce((s, x) => s + x.course[d]!, 0)),
    )
    if (!byDay.some(day => day.some(mg => mg > 0))) return []
    const stock = c.boxes.filter(b => b.mixId === mix.id).map(b => ({ box: b, left: b.pieces }))
    let pieces = 0
    const lasts = (wanted: number, date: LocalDate): boolean => {
      const got = takePieces(
        stock.filter(s => usableOn(s.box, date, c.room.timeZone)),
        wanted,
      )
      pieces += got.pieces
      return got.lacksMg <= 0
    }
    let day = c.tubMade ? 1 : 0
    while (day < horizon && byDay[day]!.every(mg => lasts(mg, addDays(c.today, day)))) day++
    const empty = day < horizon ? addDays(c.today, day) : null
    const then = byDay.slice(day, day + 14).map(tank => tank.reduce((a, b) => a + b, 0))
    const given = day - (c.tubMade ? 1 : 0)
    return [
      {
        mix,
        days: day,
        emptyOn: empty,
        cookBy: empty === null ? null : addDays(empty, -LEAD_DAYS),
        piecesPerDay: given > 0 ? pieces / given : 0,
        dryPerDayThen: then.length > 0 ? then.reduce((a, b) => a + b, 0) / then.length : 0,
      },
    ]
  })
}
