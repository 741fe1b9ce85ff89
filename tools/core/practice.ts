import * as z from 'zod'
import { decision } from '@renatus/core/practice/decision'
import { practise, PLAYERS, problemOf, type PlayerName } from '@renatus/core/practice/practise'
import { scenarioOf, scenarios } from '@renatus/core/practice/scenarios/index'

const PROBLEMS = {
  'after-end': 'a decision after the last day of the exercise',
  'no-such-vessel': 'a decision at a vessel that is not in the exercise',
  'too-much': 'a feed of more than five usual ones',
  'twice': 'two decisions at one vessel on one day',
} as const
const players = Object.keys(PLAYERS) as [PlayerName, ...PlayerName[]]
const scenario = z
  .string()
  .refine(
    id => scenarioOf(id) !== null,
    `unknown scenario: one of ${scenarios.map(s => s.id).join(', ')}`,
  )

export const input = z
  .object({
    scenario,
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
    decisions: z.array(decision).max(5000).optional(),
    player: z.enum(players).optional(),
    looksBy: z
      .string()
      .max(60)
      .optional()
      .describe('who looked; the noise of the eye is of the seed'),
  })
  .superRefine((i, ctx) => {
    const s = scenarioOf(i.scenario)
    const problem = s && i.decisions ? problemOf(s, i.decisions) : null
    if (problem) ctx.addIssue({ code: 'custom', path: ['decisions'], message: PROBLEMS[problem] })
    if ((i.decisions === undefined) === (i.player === undefined))
      ctx.addIssue({ code: 'custom', path: ['player'], message: 'either decisions or a player' })
  })
const choice = z.object({ act: z.string(), take: z.number() })
export const output = z.object({
  course: z.array(
    z.object({
      day: z.number(),
      vessel: z.number(),
      look: z.record(z.string(), z.number()).nullable(),
      truth: z.object({ readiness: z.string(), organisms: z.number() }).nullable(),
      belief: z
        .object({ readiness: z.string(), chance: z.number(), organisms: z.number() })
        .nullable(),
    }),
  ),
  decisions: z.array(
    z.object({
      day: z.number(),
      vessel: z.number(),
      did: choice,
      best: choice,
      value: z.number().describe('days of food lost against the best that was knowable; 0 or less'),
      luck: z.number(),
    }),
  ),
  outcome: z.object({
    goal: z.number().describe('of who played'),
    random: z.number(),
    fixed: z.number(),
    advice: z.number(),
    perfect: z.number(),
  }),
  told: z
    .object({ fed: z.number(), foul: z.number(), lost: z.number(), minutes: z.number() })
    .nullable(),
  judgement: z
    .object({
      brier: z.number(),
      calibration: z.number(),
      sharpness: z.number(),
      from: z.number(),
    })
    .nullable(),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  return practise(scenarioOf(i.scenario)!, i.seed, i.decisions ?? i.player!) as z.input<
    typeof output
  >
}
