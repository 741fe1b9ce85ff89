import * as z from 'zod'
import { base, foodId, id, instant } from './recordFields'
import { TRIAL_ASKS } from './vocabulary'

const words = z.string().trim().max(120)

/** One way of those that are compared. */
const arm = z.object({
  id: z.string().min(1).max(8),
  name: z.string().trim().min(1).max(60),
})

/** A vessel, a tank or a sheet of a trial, as it was dealt. */
const member = z.object({
  id,
  armId: z.string().min(1).max(8),
  /** What is on its tape: it does not tell the arm. */
  label: z.string().trim().min(1).max(60),
  /** Where it stands, in words; empty where that does not matter. */
  place: words,
  /** The culture or the brood that it is; null where only what is measured by hand is known. */
  of: z.object({ type: z.enum(['culture', 'brood']), id }).nullable(),
})

/** Vessels side by side that differ in one thing, and what is asked of them. */
export const trial = z
  .object({
    ...base,
    type: z.literal('trial'),
    /** The question, in the room's own words. */
    name: z.string().trim().min(1).max(120),
    asks: z.enum(TRIAL_ASKS),
    /** The one thing in which they differ. */
    factor: z.string().trim().min(1).max(60),
    foodId: foodId.nullable(),
    methodId: z.string().min(1).max(60).nullable(),
    /** Day for which a density is read; null where none is asked. */
    onDay: z.number().min(0.5).max(400).nullable(),
    untilDays: z.number().min(1).max(400),
    startedAt: instant,
    /** False: the vessels stood already and were never meant to be compared. */
    planned: z.boolean(),
    arms: z.array(arm).min(2).max(6),
    members: z.array(member).min(2).max(48),
  })
  .refine(t => t.members.every(m => t.arms.some(a => a.id === m.armId)), 'a vessel has no arm')
