import { mealsToSay } from '../planning/reckoning/saidMeals'
import type { Draft, RecordDraft } from '../records/draft'
import type { Answer } from '../records/vocabulary'
import type { Stop } from './stop'
import type { AnswerContext, Written } from './stopKind'
import { kindOf } from './stopKinds'
import { tellingOf } from './stopTellings'

/** What a person said to a stop. */
export interface StopAnswer {
  how: Answer
  /** What really was, where it was not as proposed. */
  given?: unknown
}

export type Answered =
  | { ok: true; entries: Draft[]; records: RecordDraft[]; said: string }
  | { ok: false; code: 'bad-given' | 'too-much'; message: string }

const isInsisted = (given: unknown) =>
  typeof given === 'object' && given !== null && 'insist' in given && given.insist === true

const NOT_NOW = 'Left for the next round.'

/** What was given, where it can be read and where there is so much; else why not. */
function check(
  stop: Stop,
  given: unknown,
): { ok: true; given: unknown } | Extract<Answered, { ok: false }> {
  if (given === null) return { ok: true, given: null }
  const kind = kindOf(stop)
  const read = kind.given.safeParse(given)
  if (!read.success) {
    const issue = read.error.issues[0]!
    return { ok: false, code: 'bad-given', message: `${issue.path.join('.')}: ${issue.message}` }
  }
  const against = kind.tooMuch?.(stop, read.data) ?? null
  if (against !== null && !isInsisted(given))
    return { ok: false, code: 'too-much', message: against }
  return { ok: true, given: read.data }
}

/** What a tap on a stop writes, for page, demo and terminal alike: the facts, and that it was answered. */
export function answerStop(stop: Stop, answer: StopAnswer, c: AnswerContext): Answered {
  const kind = kindOf(stop)
  const checked = check(stop, answer.given ?? null)
  if (!checked.ok) return checked
  const { given } = checked
  const answered: Draft = {
    kind: 'stop.answered',
    subject: { type: 'stop', id: stop.key.slice(0, 60) },
    data: {
      key: stop.key,
      roundKey: c.roundKey,
      how: answer.how,
      minutes: tellingOf(stop).minutes(stop),
      meals: mealsToSay(c.state, c.roundKey, c.reckoning),
    },
  }
  if (answer.how === 'not-now') {
    const also = kind.notNow?.(stop, c) ?? []
    return { ok: true, entries: [answered, ...also], records: [], said: NOT_NOW }
  }
  const { entries, records, said } = written(stop, answer, given, c)
  return { ok: true, entries: [answered, ...entries], records, said }
}

/** What is true now that the stop is done, or that it has been enough of it. */
function written(stop: Stop, answer: StopAnswer, given: unknown, c: AnswerContext): Written {
  const kind = kindOf(stop)
  const ended = answer.how === 'enough' ? kind.enough?.(stop, c) : undefined
  return ended ?? kind.done(stop, given, c)
}
