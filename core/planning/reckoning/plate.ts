import { suitsOn } from '../../fry/wholeMeal'
import { foodsInTurn, type MealsGiven, type Turn } from './chooseFoods'
import type { Draw } from './draw'
import type { Larder } from './larder'
import type { Source } from './source'
import type { Want, WantedFood } from './want'

/** A tank on its way to a meal. */
export interface Plate {
  want: Want
  turns: readonly Turn[]
  /** Share of the meal still open, by brood: each brood of a tank must find something that fits it. */
  open: Map<string, number>
  chosen: Set<string>
  /** Asked for and not enough of it to be worth opening. */
  tried: Set<string>
  draws: Draw[]
}

export const plateOf = (want: Want, given: MealsGiven): Plate => ({
  want,
  turns: foodsInTurn(want, given),
  open: new Map(want.eating.map(e => [e.brood.id, want.open])),
  chosen: new Set(),
  tried: new Set(),
  draws: [],
})

/** Share of the meal that a food could still fill on a plate: of those whom it fits, what is open. */
export function openFor(plate: Plate, food: WantedFood): number {
  const open = food.eating.map(e => plate.open.get(e.brood.id) ?? 0)
  return open.length === 0 ? 0 : Math.max(...open)
}

/** Grains are counted by the size they are cut to; a source by the usual size. */
export function cutFactor(food: WantedFood): number {
  const first = food.eating[0]
  if (!food.food.cutToGapeUm || !first) return 1
  return food.food.dryUg / suitsOn(first, food.food).size.dryUg
}

/** Puts a draw on a plate; more from the same source is one draw. */
function put(plate: Plate, draw: Draw): void {
  const at = plate.draws.findIndex(d => d.source === draw.source && d.foodId === draw.foodId)
  const before = plate.draws[at]
  if (!before) {
    plate.draws.push(draw)
    return
  }
  plate.draws[at] = {
    ...draw,
    organisms: before.organisms + draw.organisms,
    amount: { ...draw.amount, value: before.amount.value + draw.amount.value },
    share: before.share + draw.share,
    overdrawn: before.overdrawn || draw.overdrawn,
  }
}

/** So many units of a source for a plate. */
export interface Helping {
  food: WantedFood
  source: Source
  units: number
  overdrawn: boolean
}

/** Takes a helping out of the larder and puts it on a plate. Useful animals in it. */
export function serve(plate: Plate, larder: Larder, helping: Helping): number {
  const { food, source, units, overdrawn } = helping
  const eaten = units * (source.perUnit ?? 1)
  const organisms = eaten * cutFactor(food)
  larder.take(source, eaten)
  const useful = organisms * source.energy
  put(plate, {
    tank: plate.want.tank,
    wanted: food,
    foodId: food.food.id,
    source,
    organisms,
    amount: { value: units, unit: source.unit },
    share: (useful / food.whole) * food.reaches,
    overdrawn,
  })
  return useful
}

/** Fills what a food brought on a plate. */
export function fill(plate: Plate, food: WantedFood, share: number): void {
  if (share <= 0) {
    plate.tried.add(food.food.id)
    return
  }
  plate.chosen.add(food.food.id)
  for (const e of food.eating) {
    plate.open.set(e.brood.id, Math.max(0, (plate.open.get(e.brood.id) ?? 0) - share))
  }
}
