import * as z from 'zod'
import { AILMENTS, type Ailment } from '../dynamics/contract'
import type { Observation } from '../estimation/observation'
import { observationShape } from '../estimation/observationShape'
import { temperatureOf } from '../estimation/temperatureOf'
import { starter, type Subject } from '../estimation/subject'
import { courseSteps, runCulture, upkeepAct } from '../foods/culture'
import type { VesselScenario } from './scenario'

const H_A_DAY = 24
/** The exercise begins so many days before the loss, and goes on for so many after it. */
const LED_D = 7
const AFTER_D = 14
/** It may have been luck that lost it: the same is likely, not certain. */
const AGAIN = 0.8
const WANTS = 0.4

/** A vessel of a real room that was lost, as it was known some days before. */
export const ownLoss = z.object({
  name: z.string().min(1).max(120),
  foodId: z.string().min(1).max(60),
  methodId: z.string().min(1).max(60),
  litres: z.number().positive().max(10_000),
  temperatureC: z.number().min(-5).max(60),
  /** Age at which the exercise begins, d, and what was seen of it and done to it until then. */
  ageD: z.number().int().min(0).max(4000),
  seen: z.array(observationShape).max(20_000),
  ailment: z.enum(AILMENTS),
})
export type OwnLoss = z.infer<typeof ownLoss>

/** What a card did by itself until some hour, as acts: in an exercise nothing is done that nobody decides. */
function doneByCard(subject: Subject, seen: readonly Observation[], untilH: number): Observation[] {
  const c = starter(subject, seen)(null)
  const temperature = temperatureOf(seen, subject.temperatureC)
  const acts = seen.filter(o => o.kind === 'action').toSorted((a, b) => a.h - b.h)
  const done: Observation[] = []
  for (const step of courseSteps(c.upkeep, 0, untilH, temperature)) {
    const { ageH } = c
    for (const u of step.due) {
      const action = upkeepAct(c, u)
      if (action) done.push({ h: ageH, kind: 'action', action })
    }
    // It is moved on by the card itself, which does what was just written down.
    runCulture(c, step.hours, temperature, null)
    for (const o of acts)
      if (o.kind === 'action' && o.h >= ageH && o.h < c.ageH)
        c.family.act(c.state, c.params, o.action)
  }
  return done
}

/**
 * A loss as it is practised.
 * @param subject the vessel by its card @param observations all that its log tells
 * @param lostH age at which it was lost, h @param ailment what is thought to have gone wrong
 */
export function ownLossOf(
  name: string,
  subject: Subject,
  observations: readonly Observation[],
  lostH: number,
  ailment: Ailment,
): OwnLoss {
  const ageD = Math.max(0, Math.floor(lostH / H_A_DAY) - LED_D)
  const untilH = ageD * H_A_DAY
  const seen = observations.filter(o => o.h >= 0 && o.h < untilH)
  return {
    name,
    foodId: subject.food.profile.id,
    methodId: subject.method.id,
    litres: subject.setup.volumeL,
    temperatureC: temperatureOf(seen, subject.temperatureC)(ageD),
    ageD,
    seen: [...seen, ...doneByCard(subject, seen, untilH)].toSorted((a, b) => a.h - b.h),
    ailment,
  }
}

/** The loss as an exercise: the vessel as it was to be believed a week before, and the same likely to happen. */
export function lossScenario(l: OwnLoss): VesselScenario {
  const led = l.ageD === 0 ? [2, LED_D] : [LED_D - 2, LED_D - 1]
  return {
    id: 'own-loss',
    kind: 'jar',
    name: `${l.name}, before it was lost`,
    foods: [l.foodId],
    days: LED_D + AFTER_D,
    vessels: [
      {
        foodId: l.foodId,
        methodId: l.methodId,
        litres: l.litres,
        temperatureC: l.temperatureC,
        stands: true,
        before: { ageD: l.ageD, seen: l.seen },
      },
    ],
    mouths: { from: 0, spreadDays: 0, wants: WANTS, growth: 0 },
    befalls: [{ between: [led[0]!, led[1]!], chance: AGAIN, vessel: 0, what: l.ailment }],
    keeps: 0.5,
    goal: 'The line kept, and its mouths fed.',
    teaches: 'What goes wrong shows before it ends: look, keep a second one, and give up in time.',
  }
}
