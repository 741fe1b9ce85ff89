import { lengthAfter } from '@renatus/core/fry/growth'
import { sizeFit } from '@renatus/core/fry/sizeFit'
import type { Round } from '@renatus/core/round/round'
import type { TankStop } from '@renatus/core/round/tankStops'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Context, Draft } from './draft'

/** How the fish of the loft really are, against the book: growth by name of the brood. */
const TRUE_GROWTH: Record<string, number> = { 'Medaka, second batch': 1.1, 'Scarlet badis': 0.92 }
/** Days after free swimming on which somebody holds a ruler to the glass. */
const MEASURED_ON: readonly number[] = [8, 16, 26]

/** What the person of the demo does at one tank: gives all, ticks the tasks, looks at bellies, now and then measures. */
export function tankDrafts(stop: TankStop, round: Round, state: RoomState, c: Context): Draft[] {
  const { tank } = stop
  const subject = { type: 'tank', id: tank.id }
  const drafts: Draft[] = []
  if (stop.feed) {
    const { feed } = stop
    drafts.push({
      kind: 'tank.fed',
      subject,
      data: {
        tankId: tank.id,
        roundKey: round.current.key,
        nauplii: feed.nauplii,
        ml: feed.ml,
        cubes: feed.cubes,
        energy: feed.store.energy,
        source: { kind: feed.store.form, id: feed.store.id },
        partial: feed.share < 0.95,
      },
    })
  }
  if (stop.foods.length > 0)
    drafts.push({
      kind: 'tank.given',
      subject,
      data: {
        tankId: tank.id,
        roundKey: round.current.key,
        foods: stop.foods.map(f => ({ foodId: f.food.id, organisms: f.organisms })),
      },
    })
  for (const task of stop.tasks)
    drafts.push({
      kind: 'tank.task',
      subject,
      data: { tankId: tank.id, broodId: task.broodId, task: task.id, on: state.today },
    })
  for (const look of stop.looks) {
    // One look in three is made; fry that can take the food are full, now and then only some.
    if (!look.weaning && c.chance.next() > 0.3) continue
    const { species, growth } = look.brood
    if (!species) continue
    // What is seen follows from the mouths of the book: they are right in the loft.
    const gapeUm =
      species.gapePerLength * lengthAfter(species, look.brood.day, growth.factor) * 1000
    const roll = c.chance.next() - (1 - sizeFit(look.preyUm, gapeUm)) * 0.5
    const bellies = roll > 0.35 ? (look.orange ? 'orange' : 'full') : roll > 0 ? 'some' : 'empty'
    drafts.push({
      kind: 'brood.bellies',
      subject: { type: 'brood', id: look.brood.id },
      data: {
        broodId: look.brood.id,
        on: state.today,
        foodId: look.foodId,
        preyUm: look.preyUm,
        bellies,
        weaning: look.weaning,
      },
    })
  }
  for (const ask of stop.weaning) {
    const subjectBrood = { type: 'brood', id: ask.brood.id }
    drafts.push(
      ask.step === 'offer'
        ? {
            kind: 'weaning.started',
            subject: subjectBrood,
            data: { broodId: ask.brood.id, foodId: ask.foodId, on: state.today },
          }
        : {
            kind: 'weaning.decided',
            subject: subjectBrood,
            data: { broodId: ask.brood.id, foodId: ask.foodId, take: ask.good, on: state.today },
          },
    )
  }
  for (const brood of state.broods.filter(b => b.tank?.id === tank.id))
    drafts.push(...measured(brood, state, c))
  return drafts
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
