import * as z from 'zod'
import { scenarios } from '@renatus/core/practice/scenarios/index'

export const input = z.object({}).default({})
export const output = z.object({
  scenarios: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.string(),
      foods: z.array(z.string()),
      goal: z.string(),
      teaches: z.string(),
    }),
  ),
})

export function run(): z.input<typeof output> {
  return {
    scenarios: scenarios.map(({ id, name, kind, foods, goal, teaches }) => ({
      id,
      name,
      kind,
      foods: [...foods],
      goal,
      teaches,
    })),
  }
}
