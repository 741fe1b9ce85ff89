import * as z from 'zod'
import { READINESS, type Readiness } from '../dynamics/contract'
import { decision } from './decision'
import { ownLoss } from './ownLoss'

const readiness = z.enum(READINESS as [Readiness, ...Readiness[]])
const instant = z.iso.datetime()

/** What came of an exercise once its account was made. */
const result = z.object({
  goal: z.number(),
  fixed: z.number(),
  advice: z.number(),
  /** What was said of vessels, and what they were. */
  sayings: z
    .array(z.object({ saw: readiness, truth: readiness, sure: z.number().int().min(1).max(5) }))
    .max(5000),
})

/** The rules that an exercise is played by; another number, and what was saved cannot be gone on with. */
export const PRACTICE_VERSION = 3

/** An exercise of a learner: what was decided so far, and what came of it. It is kept beside the rooms and never in one. */
export const playedGame = z.object({
  id: z.string().min(1).max(40),
  version: z.number().int(),
  scenario: z.string().min(1).max(60),
  /** A loss of the learner's own room, where that is what is practised. */
  own: ownLoss.optional(),
  seed: z.number().int(),
  learner: z.string().trim().min(1).max(40),
  startedAt: instant,
  endedAt: instant.nullable(),
  decisions: z.array(decision).max(5000),
  result: result.nullable(),
})
export type PlayedGame = z.infer<typeof playedGame>
export type PlayedResult = z.infer<typeof result>

/** Whether a game was played by other rules: what came of it stays, and cannot be lived again. */
export const isOfOldRules = (g: Pick<PlayedGame, 'version'>): boolean =>
  g.version !== PRACTICE_VERSION

/** Whether a saved game can be gone on with. */
export const canGoOn = (g: PlayedGame): boolean => !isOfOldRules(g) && g.endedAt === null
