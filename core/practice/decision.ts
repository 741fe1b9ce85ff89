import * as z from 'zod'
import { READINESS, type Readiness } from '../dynamics/contract'

/** What can be done at a vessel of an exercise; one a day, beside a look and a draw. */
export const ACTS = [
  'wait',
  'feed',
  'stir',
  'change water',
  'thin out',
  'split',
  'renew',
  'give up',
  'start',
] as const
export type Act = (typeof ACTS)[number]

/** How sure somebody is, from a guess to certain, as the chance that it says. */
export const SURE = [0.35, 0.5, 0.7, 0.85, 0.97] as const

/** One decision at one vessel on one day. In a series of looks and in exercises of the hand the day is the number of the question. */
export const decision = z.object({
  day: z.number().int().min(0).max(400),
  vessel: z.number().int().min(0).max(20).default(0),
  /** It was looked at first. */
  look: z.boolean().default(false),
  /** Drawn for the mouths, as a share of the vessel. */
  take: z.number().min(0).max(1).default(0),
  act: z.enum(ACTS).default('wait'),
  /** Of a feed: how many of the usual ones; of a hand: the answer. */
  amount: z.number().min(0).max(1e12).optional(),
  /** What the learner takes it for, and how sure, 1 to 5. */
  saw: z.enum(READINESS as [Readiness, ...Readiness[]]).optional(),
  sure: z.number().int().min(1).max(5).optional(),
})
export type Decision = z.infer<typeof decision>
export type GivenDecision = z.input<typeof decision>

/** Minutes that each takes; a look and a draw come beside. */
export const MINUTES: Readonly<Record<Act | 'look' | 'take', number>> = {
  'wait': 0,
  'feed': 2,
  'stir': 1,
  'change water': 4,
  'thin out': 3,
  'split': 6,
  'renew': 8,
  'give up': 5,
  'start': 10,
  'look': 1,
  'take': 2,
}

/** Minutes that a decision takes. */
export const minutesOf = (d: Pick<Decision, 'act' | 'look' | 'take'>): number =>
  MINUTES[d.act] + (d.look ? MINUTES.look : 0) + (d.take > 0 ? MINUTES.take : 0)

/** Most of a usual feed that can be given at once. */
export const MOST_FEEDS = 5
