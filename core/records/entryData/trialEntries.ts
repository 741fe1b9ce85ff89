import * as z from 'zod'
import { id } from '../recordFields'
import { TRIAL_ENDS } from '../vocabulary'

const value = z.number().min(1e-9).max(1e12)
const count = z.number().int().min(0).max(1e9)

/** What is measured of a trial, and what came of it. */
export const trialEntries = {
  /** One vessel, measured by hand: what was read, once or several times; or so many of so many. */
  'trial.valued': z
    .object({
      trialId: id,
      memberId: id,
      values: z.array(value).min(1).max(50).nullable(),
      hits: z.object({ hit: count, of: count.min(1) }).nullable(),
    })
    .refine(d => (d.values === null) !== (d.hits === null), 'one reading, or so many of so many')
    .refine(d => d.hits === null || d.hits.hit <= d.hits.of, 'more than there were'),
  /** It died or was spilled: it tells nothing of what was asked. */
  'trial.lost': z.object({ trialId: id, memberId: id, reason: z.string().trim().max(120) }),
  /** Somebody looked up which label is which: what is looked at from then on is not blind. */
  'trial.opened': z.object({ trialId: id }),
  /** It is over, and this is what is remembered of it. */
  'trial.ended': z.object({
    trialId: id,
    how: z.enum(TRIAL_ENDS),
    /** How like vessels scattered, as a log spread worth so many vessels: the next trial begins with it. */
    spread: z
      .object({ sd: z.number().positive().max(10), df: z.number().positive().max(1000) })
      .nullable(),
    /** What each arm came to, with its 80 % interval and its chance to be best. */
    arms: z
      .array(
        z.object({
          id: z.string().max(8),
          name: z.string().max(60),
          vessels: z.number().int().min(0).max(48),
          mean: z.number(),
          p10: z.number(),
          p90: z.number(),
          best: z.number().min(0).max(1),
        }),
      )
      .max(6),
  }),
}
