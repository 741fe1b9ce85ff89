import { edible, EDIBLES, sizedAs, type PreySize } from './edibles'
import { growthDays, lengthAfter } from './growth'
import { gapsOf, ladder, type LadderBrood, type LadderDay } from './ladder'
import { closers, nextChange, tableSpans } from './ladderReading'
import { bestSize } from './suitability'
import type { Species } from './species/species'
import type { Wishes } from './wishes'

/** Everything a sheet is worked out from, as plain data: it crosses to a worker. Arrays start at day 0. */
export interface SheetRequest {
  id: string
  species: Species
  growth: { factor: number; sd: number }
  gape: { factor: number; sd: number }
  temperatures: readonly number[]
  fry: readonly number[]
  tankL: number
  mealsPerDay: number | null
  wishes: Wishes
  foods: readonly string[]
  preySize: PreySize
  /** First day shown, days shown, and today. */
  from: number
  days: number
  today: number
}

/** Width of gape with its 80 % band, um. */
export interface MouthBand {
  day: number
  lo: number
  hi: number
}
export interface SheetSpan {
  food: string
  from: number
  to: number
  most: number
  minUm: number
  maxUm: number
}
export interface SheetGap {
  from: number
  to: number
  closers: string[]
}
export interface SheetChange {
  food: string
  day: number
  early: number
  late: number
  from: string[]
  overlapTo: number | null
}

/** A brood's ladder, read: what is on the table when, what comes next, what is missing. */
export interface Sheet {
  id: string
  days: LadderDay[]
  band: MouthBand[]
  spans: SheetSpan[]
  gaps: SheetGap[]
  next: SheetChange | null
}

/** 80 % of a normal lie within so many standard deviations. */
const Z80 = 1.2816
/** Longest time a change of food is looked for, d. */
const LOOK_AHEAD = 60

const foodsOf = (r: Pick<SheetRequest, 'foods' | 'preySize'>) =>
  r.foods.flatMap(id => {
    const food = edible(id)
    return food ? [sizedAs(food, r.preySize)] : []
  })

/** Works out a sheet. Pure, and heavy enough for a worker when there are many. */
export function broodSheet(r: SheetRequest): Sheet {
  const foods = foodsOf(r)
  const held = <T>(list: readonly T[], day: number) => list[Math.min(day, list.length - 1)]!
  const brood = (gapeFactor: number): LadderBrood => ({
    species: r.species,
    growthFactor: r.growth.factor,
    gapeFactor,
    temperatureC: d => held(r.temperatures, d),
    fry: d => held(r.fry, d),
    tankL: r.tankL,
    mealsPerDay: r.mealsPerDay,
    wishes: r.wishes,
  })
  const days = ladder(brood(r.gape.factor), foods, r.from, r.days)
  const band = mouthBand(r, days)
  const spans = tableSpans(days).map((s): SheetSpan => {
    const sizes = days
      .filter(d => d.day >= s.from && d.day <= s.to)
      .map(d => bestSize(sizedAs(edible(s.food)!, r.preySize), d).size.widthUm)
    return { ...s, minUm: Math.min(...sizes), maxUm: Math.max(...sizes) }
  })
  const byDay = new Map(days.map(d => [d.day, d]))
  const gaps = gapsOf(days).map(g => ({
    ...g,
    closers: closers(
      byDay.get(g.from)!,
      r.species,
      EDIBLES.filter(e => !r.foods.includes(e.id)),
    ),
  }))
  return { id: r.id, days, band, spans, gaps, next: changeWithBand(r, days, brood) }
}

function mouthBand(r: SheetRequest, days: readonly LadderDay[]): MouthBand[] {
  let grown = 0
  const grownOn: number[] = []
  for (let d = 0; d <= (days.at(-1)?.day ?? 0); d++) {
    grownOn.push(grown)
    grown += growthDays(r.species, r.temperatures[Math.min(d, r.temperatures.length - 1)]!)
  }
  return days.map(d => {
    const faster = lengthAfter(r.species, grownOn[d.day]!, r.growth.factor * Math.exp(r.growth.sd))
    const sd = Math.hypot(Math.log(faster / d.lengthMm), r.gape.sd)
    return { day: d.day, lo: d.gapeUm * Math.exp(-Z80 * sd), hi: d.gapeUm * Math.exp(Z80 * sd) }
  })
}

/** The next change of food, and how early or late it may come at the edges of the band. */
function changeWithBand(
  r: SheetRequest,
  days: readonly LadderDay[],
  brood: (gapeFactor: number) => LadderBrood,
): SheetChange | null {
  const today = Math.max(0, r.today)
  const from = nextChange(days, today)
  if (!from) return null
  const foods = foodsOf(r)
  const firstDay = (z: number) => {
    const shifted = ladder(brood(r.gape.factor * Math.exp(z * r.gape.sd)), foods, today, LOOK_AHEAD)
    return shifted.find(d => d.share[from.food]! >= 0.05)?.day ?? from.day
  }
  const leaving = tableSpans(days).filter(
    s => from.from.includes(s.food) && s.to >= from.day && s.to < (days.at(-1)?.day ?? 0),
  )
  return {
    food: from.food,
    day: from.day,
    from: [...from.from],
    early: Math.min(from.day, firstDay(Z80)),
    late: Math.max(from.day, firstDay(-Z80)),
    overlapTo: leaving.length > 0 ? Math.min(...leaving.map(s => s.to)) : null,
  }
}
