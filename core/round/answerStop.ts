import type { Draft, RecordDraft } from '../records/draft'
import type { Answer } from '../records/vocabulary'
import type { Stop } from './stop'
import type { AnswerContext } from './stopKind'
import { kindOf } from './stopKinds'

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

/** What a tap on a stop writes, for page, demo and terminal alike: the facts, and that it was answered. */
export function answerStop(stop: Stop, answer: StopAnswer, c: AnswerContext): Answered {
  const kind = kindOf(stop)
  const checked =
    answer.given === undefined || answer.given === null ? null : kind.given.safeParse(answer.given)
  if (checked && !checked.success) {
    const issue = checked.error.issues[0]!
    return { ok: false, code: 'bad-given', message: `${issue.path.join('.')}: ${issue.message}` }
  }
  const against = checked ? (kind.tooMuch?.(stop, checked.data) ?? null) : null
  if (against !== null && !isInsisted(answer.given))
    return { ok: false, code: 'too-much', message: against }
  const answered: Draft = {
    kind: 'stop.answered',
    subject: { type: 'stop', id: stop.key.slice(0, 60) },
    data: {
      key: stop.key,
      roundKey: c.roundKey,
      how: answer.how,
      minutes: answer.how === 'done' ? kind.minutes(stop) : 0,
    },
  }
  if (answer.how === 'not-now') {
    const also = kind.notNow?.(stop, c) ?? []
    return { ok: true, entries: [answered, ...also], records: [], said: NOT_NOW }
  }
  const ended = answer.how === 'enough' ? kind.enough?.(stop, c) : undefined
  const { entries, records, said } = ended ?? kind.done(stop, checked?.data ?? null, c)
  return { ok: true, entries: [answered, ...entries], records, said }
}
