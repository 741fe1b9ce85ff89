import { entriesOf } from '../../records/entriesOf'
import { EDIBLES } from '../../fry/edibles'
import type { FeedProfile } from '../../feeds/contract'
import { foodOf } from '../../foods/index'
import { dryMg } from '../../fry/mass'
import { rationEaten } from '../../fry/ration'
import { SUITABLE } from '../../fry/shares'
import { suitability } from '../../fry/suitability'
import { ofKind } from '../../records/effectiveEntries'
import type { Tank } from '../../records/records'
import { running, type CultureState } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import { tankTemperature, temperatureOn } from '../../stock/tankTemperature'
import { hoursBetween } from '../../time/localDate'
import type { Draw } from './draw'
import { roundedForHand, type HandAmount } from './handAmount'
import type { Source } from './source'

/** Who eats besides broods: a tank of grown fish, or a culture that lives on another. */
export type Eater = { kind: 'grown'; tank: Tank } | { kind: 'culture'; culture: CultureState }

/** What is over when the broods have theirs, for another eater. */
export interface OtherDraw {
  eater: Eater
  source: Source
  foodId: string
  organisms: number
  amount: HandAmount
}

/** Widest prey of a grown fish against its length (species of small mouths, working estimate). */
const GROWN_GAPE = 0.06
/** Live food makes up this share of what grown fish eat on the day they get it (working estimate). */
const GROWN_SHARE = 0.5
/** A round is early by some hours now and then. */
const EARLY_H = 6

/** Whether grown fish of a tank are to have live food now. */
function isDue(state: RoomState, tank: Tank): boolean {
  const last = ofKind(entriesOf(state.entries, 'tankId', tank.id), 'tank.fed').at(-1)
  return !last || hoursBetween(last.at, state.now) >= tank.grown!.everyDays * 24 - EARLY_H
}

/** Animals of a food that make a meal for the grown fish of a tank; 0 where it does not suit them. */
export function grownMeal(tank: Tank, food: FeedProfile, temperatureC: number): number {
  const { grown } = tank
  if (!grown) return 0
  const { lengthMm, fish } = grown
  const mouth = {
    lengthMm,
    gapeUm: GROWN_GAPE * lengthMm * 1000,
    zones: ['surface', 'column', 'bottom'] as const,
    marine: false,
  }
  const suits = suitability(food, mouth, 24)
  if (suits.value < SUITABLE) return 0
  const dry = fish * dryMg(lengthMm, 5) * rationEaten(lengthMm, temperatureC) * GROWN_SHARE
  return (dry * 1000) / food.captureShare / suits.size.dryUg
}

/** What sources spare when the broods have been served. */
export function leftOver(
  sources: readonly Source[],
  draws: readonly Draw[],
): { source: Source; left: number }[] {
  return sources
    .filter(s => s.ready && !s.inHand && !s.due)
    .map(source => {
      const drawn = draws.filter(d => d.source === source).reduce((n, d) => n + d.organisms, 0)
      return { source, left: source.easy - drawn }
    })
    .filter(x => x.left >= 1)
}

/** Culture feeds: a food that a method is fed on, and how many mL of it. */
function wantedCulture(culture: CultureState): { foodId: string; ml: number } | null {
  const food = foodOf(culture.record.foodId)
  const method = food?.methods.find(m => m.id === culture.record.methodId) ?? food?.methods[0]
  const feed = method?.feed
  return feed?.foodId ? { foodId: feed.foodId, ml: feed.perL * culture.record.litres } : null
}

/** Draws for cultures that are fed on another: only those named, in turn. */
export function cultureDraws(
  state: RoomState,
  spare: { source: Source; left: number }[],
  due: ReadonlySet<string>,
): OtherDraw[] {
  return running(state.cultureStates).flatMap((culture): OtherDraw[] => {
    const want = due.has(culture.id) ? wantedCulture(culture) : null
    if (!want) return []
    const from = spare.find(
      s => s.source.foodId === want.foodId && s.source.id !== culture.id && s.source.unit === 'mL',
    )
    if (!from) return []
    const perUnit = from.source.perUnit ?? 1
    const ml = roundedForHand('mL', Math.min(want.ml, from.left / perUnit), from.left / perUnit)
    from.left -= ml * perUnit
    return [
      {
        eater: { kind: 'culture', culture },
        source: from.source,
        foodId: want.foodId,
        organisms: ml * perUnit,
        amount: { value: ml, unit: 'mL' },
      },
    ]
  })
}

/** Draws for grown fish out of what is over, one food a tank, the best suited first. */
export function grownDraws(
  state: RoomState,
  spare: { source: Source; left: number }[],
): OtherDraw[] {
  const tanks = state.tanks.filter(t => t.grown !== null && isDue(state, t))
  return tanks.flatMap((tank): OtherDraw[] => {
    const warm = temperatureOn(
      tankTemperature(tank, state.entries, state.room.timeZone),
      state.today,
    )
    const choices = spare.flatMap(s => {
      const food = EDIBLES.find(e => e.id === s.source.foodId)
      const meal = food && s.source.kind === 'culture' ? grownMeal(tank, food, warm) : 0
      return meal > 0 && s.left >= 1 ? [{ s, meal, part: Math.min(1, s.left / meal) }] : []
    })
    const best = choices.reduce<(typeof choices)[number] | null>(
      (a, b) => (a === null || b.part > a.part ? b : a),
      null,
    )
    if (!best) return []
    const perUnit = best.s.source.perUnit ?? 1
    const most = best.s.left / perUnit
    const { unit } = best.s.source
    const value = roundedForHand(unit, Math.min(best.meal / perUnit, most), most)
    best.s.left -= value * perUnit
    return [
      {
        eater: { kind: 'grown', tank },
        source: best.s.source,
        foodId: best.s.source.foodId,
        organisms: value * perUnit,
        amount: { value, unit },
      },
    ]
  })
}
