import { mostCultureMl } from '../../fry/withWater'
import { takenInTurn, WORTH_A_MEAL, type MealsGiven, type Turn } from './chooseFoods'
import type { Draw, MealGap } from './draw'
import { roundedForHand, WHOLE_ENOUGH } from './handAmount'
import { Larder } from './larder'
import { cutFactor, fill, openFor, plateOf, serve, type Plate } from './plate'
import type { SaidMeal } from './saidMeals'
import { seatSaid } from './seatSaid'
import type { Source } from './source'
import type { Want, WantedFood } from './want'

/** Passes after which nobody asks any more. */
const MOST_PASSES = 24
/** Foods at one meal. */
const MOST_FOODS = 2

/** The food that a plate takes next; null when nothing that stands here fits what is open. */
function nextFood(
  plate: Plate,
  larder: Larder,
  over: boolean,
  opened: ReadonlySet<string>,
): WantedFood | null {
  const { id } = plate.want.tank
  const fits = plate.turns.filter(
    ({ food: f }) =>
      !plate.tried.has(f.food.id) &&
      openFor(plate, f) > WHOLE_ENOUGH &&
      larder.useful(f.food.id, id, over) > 0,
  )
  const chosen = (t: Turn) => plate.chosen.has(t.food.food.id)
  if (plate.chosen.size >= MOST_FOODS) return fits.find(chosen)?.food ?? null
  // What is given already is given on, while there is more of it than the hand can measure.
  const more = fits.find(
    t => chosen(t) && larder.useful(t.food.food.id, id, over) > WORTH_OPENING * t.food.whole,
  )
  if (more) return more.food
  const inHand = fits.find(t => larder.of(t.food.food.id, id, over).some(s => s.inHand))
  const fresh = fits.filter(t => !chosen(t))
  return (inHand ?? takenInTurn(fresh, opened) ?? fits[0])?.food ?? null
}

/** Least share of a meal for which another vessel is opened. */
const WORTH_OPENING = 0.1

/** Units of a source for what a plate lacks of a food, as a hand measures them. */
function unitsFor(
  source: Source,
  larder: Larder,
  lacksUnits: number,
  limit: number,
  most: number,
): number {
  if (source.inHand) return larder.most(source) > 0 ? most : 0
  return roundedForHand(source.unit, Math.min(lacksUnits, limit), most)
}

/** What goes off is used up first, then one vessel where one is enough; then all in turn. */
function bestFirst(
  sources: readonly Source[],
  brings: (s: Source) => number,
  wanted: number,
  meal: number,
): readonly Source[] {
  const goesOff = (s: Source) => s.kind === 'store' && s.useBy !== null
  const enough = wanted * (1 - WHOLE_ENOUGH)
  const least = (s: Source) => Math.min(enough, goesOff(s) ? WORTH_A_MEAL * meal : Infinity)
  const best = sources.find(s => s.inHand || brings(s) >= least(s))
  return best ? [best, ...sources.filter(s => s !== best)] : sources
}

/** Less than this of a meal is no stop of its own, while another food that fits is drawn anyway. */
const WORTH_A_VESSEL = 0.3

/** Another food of those that are drawn anyway fits whole what is open on a plate. */
function standsInstead(
  plate: Plate,
  food: WantedFood,
  larder: Larder,
  over: boolean,
  opened: ReadonlySet<string>,
): boolean {
  return plate.turns.some(({ food: f }) => {
    const { id } = f.food
    if (f === food || !opened.has(id) || plate.tried.has(id)) return false
    return larder.useful(id, plate.want.tank.id, over) >= openFor(plate, f) * f.whole
  })
}

/** What a food is drawn for: a plate, what of it is open, and whether another food could stand in. */
interface Drawing {
  plate: Plate
  food: WantedFood
  larder: Larder
  over: boolean
  instead: boolean
}

/** Too little to be worth a stop: a rest that ends soon, or a thin vessel nobody else draws from. */
function notWorthIt(source: Source, brings: number, lacks: number, d: Drawing): boolean {
  if (source.inHand) return false
  const meal = d.food.whole
  if (brings < lacks && brings < WORTH_OPENING * meal) return true
  return d.instead && !d.larder.isOpen(source) && brings < WORTH_A_VESSEL * meal
}

/** Units of a culture that a tank still bears at this meal, where they come with their water. */
function bearsUnits(plate: Plate, { food }: WantedFood, source: Source): number {
  if (source.kind !== 'culture' || source.unit !== 'mL') return Infinity
  const poured = plate.draws.filter(d => d.wanted.food.withWater && d.source.kind === 'culture')
  const ml = poured.reduce((sum, d) => sum + d.amount.value, 0)
  return Math.max(0, mostCultureMl(food, plate.want.tank.litres) - ml)
}

/** Takes what a plate lacks from one source, as a hand measures it. Useful animals drawn and still lacking. */
function drawFrom(source: Source, lacks: number, d: Drawing): { useful: number; lacks: number } {
  const { plate, food, larder, over } = d
  const cut = cutFactor(food)
  const perUnit = (source.perUnit ?? 1) * cut
  const limit = (larder.has(source, over) * cut) / perUnit
  const holds = (larder.most(source) * cut) / perUnit
  const most = Math.min(holds, bearsUnits(plate, food, source))
  const lacksUnits = lacks / source.energy / perUnit
  const units = unitsFor(source, larder, lacksUnits, limit, most)
  const organisms = units * perUnit
  if (organisms <= 0) return { useful: 0, lacks }
  const overdrawn = over && source.kind === 'culture' && organisms / cut > source.easy
  const useful = serve(plate, larder, { food, source, units, overdrawn })
  // What the hand cannot measure finer is no lack.
  const isWhole = units < most && Math.abs(units - lacksUnits) < units
  const enough = isWhole && units >= lacksUnits * 0.5 && limit >= lacksUnits
  return { useful, lacks: enough ? 0 : lacks - useful }
}

/** Draws so much of a food for a plate: from one vessel where one is enough. Share of the meal that came. */
function drawFor(d: Drawing, share: number): number {
  const { plate, food, larder, over } = d
  const cut = cutFactor(food)
  let lacks = share * food.whole
  let drawn = 0
  const sources = larder.of(food.food.id, plate.want.tank.id, over)
  const brings = (s: Source) => larder.has(s, over) * s.energy * cut
  for (const source of bestFirst(sources, brings, lacks, food.whole)) {
    if (lacks <= WHOLE_ENOUGH * food.whole) break
    if (notWorthIt(source, brings(source), lacks, d)) continue
    const got = drawFrom(source, lacks, d)
    lacks = got.lacks
    drawn += got.useful
  }
  return lacks <= 0 ? Math.max(share, drawn / food.whole) : drawn / food.whole
}

/** The smallest mouths and those with the fewest choices are served first. */
const byNeed = (a: Plate, b: Plate) =>
  a.want.smallestGapeUm - b.want.smallestGapeUm || (a.want.key < b.want.key ? -1 : 1)

/**
 * One pass over all plates: each takes the food whose turn it is. Where a food is not enough for all who
 * would take it, each gets the same part of its meal; who would get less than a fifth and has a choice, chooses again.
 * @returns whether anybody asked for anything
 */
function pass(plates: readonly Plate[], larder: Larder, over: boolean): boolean {
  const asks = new Map<string, { plate: Plate; food: WantedFood }[]>()
  const opened = new Set(plates.flatMap(p => [...p.chosen]))
  for (const plate of plates) {
    const food = nextFood(plate, larder, over, opened)
    if (food) opened.add(food.food.id)
    if (food) asks.set(food.food.id, [...(asks.get(food.food.id) ?? []), { plate, food }])
  }
  for (const group of asks.values()) {
    const wanted = group.reduce((sum, g) => sum + openFor(g.plate, g.food) * g.food.whole, 0)
    const has = larder.useful(group[0]!.food.food.id, group[0]!.plate.want.tank.id, over)
    const part = Math.min(1, has / wanted)
    for (const { plate, food } of group) {
      const open = openFor(plate, food)
      const share = part < WORTH_A_MEAL ? open : open * part
      const instead = standsInstead(plate, food, larder, over, opened)
      const got = drawFor({ plate, food, larder, over, instead }, share)
      fill(plate, food, got)
    }
  }
  return asks.size > 0
}

const isOpen = (p: Plate) => [...p.open.values()].some(open => open > WHOLE_ENOUGH)

/**
 * Draws the meals of one round: what stands here and is ready, one food at a meal and two at the most, rounded
 * to the hand. What was said at this round already stands first. Then what cultures spare, then, rather than let
 * anybody starve, up to half of what they hold.
 */
export function drawMeals(
  wants: readonly Want[],
  sources: readonly Source[],
  givenTo: (want: Want) => MealsGiven,
  said: ReadonlyMap<string, SaidMeal> = new Map(),
): { draws: Draw[]; gaps: MealGap[] } {
  const larder = new Larder(sources)
  const plates = wants.map(w => plateOf(w, givenTo(w))).sort(byNeed)
  for (const plate of plates) {
    const meal = said.get(plate.want.tank.id)
    if (meal) seatSaid(plate, larder, meal)
  }
  for (const over of [false, true]) {
    for (const plate of plates) plate.tried.clear()
    for (let i = 0; i < MOST_PASSES && pass(plates.filter(isOpen), larder, over); i++);
  }
  const gaps = plates.filter(isOpen).map((p): MealGap => {
    const eating = p.want.eating
    const rations = eating.map(e => e.day.fry * e.day.dryRationMg)
    const all = rations.reduce((a, b) => a + b, 0)
    const lacks = eating.reduce((s, e, i) => s + rations[i]! * (p.open.get(e.brood.id) ?? 0), 0)
    return { tank: p.want.tank, want: p.want, share: lacks / all }
  })
  return { draws: plates.flatMap(p => p.draws), gaps }
}
