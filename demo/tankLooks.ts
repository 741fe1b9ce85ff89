import { lengthAfter } from '@renatus/core/fry/growth'
import { sizeFit } from '@renatus/core/fry/sizeFit'
import type { TankStop } from '@renatus/core/round/stops/tank/find'
import type { BellyAsk, WeaningAsk } from '@renatus/core/round/stops/tank/tasks'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Context, Draft } from './draft'

/** How the fish of the loft really are, against the book: growth by name of the brood. */
const TRUE_GROWTH: Record<string, number> = { 'Medaka, second batch': 1.1, 'Scarlet badis': 0.92 }
/** Days after free swimming on which somebody holds a ruler to the glass. */
const MEASURED_ON: readonly number[] = [8, 16, 26]

/** What the person of the demo sees at one tank: bellies now and then, trials, a ruler at the glass. */
export function tankLooks(stop: TankStop, state: RoomState, c: Context): Draft[] {
  return [
    ...stop.looks.flatMap(look => bellies(look, state, c)),
    ...stop.weaning.map(ask => trial(ask, state)),
    ...state.broods
      .filter(b => b.tank?.id === stop.tank.id)
      .flatMap(brood => measured(brood, state, c)),
  ]
}

/** One look in three is made; fry that can take the food are full, now and then only some. */
function bellies(look: BellyAsk, state: RoomState, c: Context): Draft[] {
  const { species, growth } = look.brood
  if (!species || (!look.weaning && c.chance.next() > 0.3)) return []
  // What is seen follows from the mouths of the book: they are right in the loft.
  const gapeUm = species.gapePerLength * lengthAfter(species, look.brood.day, growth.factor) * 1000
  const roll = c.chance.next() - (1 - sizeFit(look.preyUm, gapeUm)) * 0.5
  const full = look.orange ? ('orange' as const) : ('full' as const)
  const some = roll > 0 ? ('some' as const) : ('empty' as const)
  return [
    {
      kind: 'brood.bellies',
      subject: { type: 'brood', id: look.brood.id },
      data: {
        broodId: look.brood.id,
        on: state.today,
        foodId: look.foodId,
        preyUm: look.preyUm,
        bellies: roll > 0.35 ? full : some,
        weaning: look.weaning,
      },
    },
  ]
}

function trial(ask: WeaningAsk, state: RoomState): Draft {
  const subject = { type: 'brood', id: ask.brood.id }
  const data = { broodId: ask.brood.id, foodId: ask.foodId, on: state.today }
  return ask.step === 'offer'
    ? { kind: 'weaning.started', subject, data }
    : { kind: 'weaning.decided', subject, data: { ...data, take: ask.good } }
}

function measured(brood: BroodState, state: RoomState, c: Context): Draft[] {
  if (
    !brood.species ||
    !MEASURED_ON.includes(brood.day) ||
    brood.measured.some(m => m.on === state.today)
  )
    return []
  const truth = lengthAfter(brood.species, brood.day, TRUE_GROWTH[brood.name] ?? 1)
  const lengthsMm = Array.from(
    { length: 4 },
    () => Math.round(truth * Math.exp(c.chance.normal(0, 0.05)) * 10) / 10,
  )
  return [
    {
      kind: 'brood.measured',
      subject: { type: 'brood', id: brood.id },
      data: { broodId: brood.id, on: state.today, lengthsMm },
    },
  ]
}
