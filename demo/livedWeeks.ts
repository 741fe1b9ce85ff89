import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { NAUPLII } from '@renatus/core/foods/hatchProfile'
import type { RandomStream } from '@renatus/core/math/random'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Readings } from '@renatus/core/planning/reckoning/sourcesAt'
import { answerStop } from '@renatus/core/round/answerStop'
import { buildRound, type Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { addHours, toMs, type Instant } from '@renatus/core/time/localDate'
import type { RoundOccurrence } from '@renatus/core/time/rounds'
import { endsOf, looksOf, startOf, type LoftCulture } from './cultures'
import { actOf, type Context, type Draft } from './draft'
import { givenFor } from './givenFor'
import { tankLooks } from './tankLooks'
import { knownReading, liveUntil, truthOf, undergo, type Truth } from './truth'
import type { AnswerContext } from '@renatus/core/round/stopKind'

/** All was said with an earlier answer. */
const SAID: AnswerContext['reckoning'] = { draws: [], gaps: [] }

/** Minutes into a round at which its first stop is answered, and from one to the next, hours. */
const FIRST_H = 0.05
const STEP_H = 0.03
/** Chance that somebody reads the thermometer of a hatch at a round. */
const READS_THERMOMETER = 0.12

/** The weeks of a room as they are lived, round by round. */
class Weeks {
  readonly log: Entry[] = []
  private readonly records: AnyRecord[]
  private readonly truths = new Map<string, Truth>()
  private harvests = 0
  private known

  constructor(
    records: readonly AnyRecord[],
    private readonly cultures: readonly LoftCulture[],
    private readonly chance: RandomStream,
    private readonly id: (ms: number) => string,
  ) {
    this.records = [...records]
    this.known = learnRoom(this.hatching(), this.log)!
  }

  get added(): readonly AnyRecord[] {
    return this.records
  }

  /** Only hatches teach while the weeks are lived: cultures are known as they are. */
  private hatching(): AnyRecord[] {
    return this.records.filter(r => r.type !== 'culture' || r.foodId === NAUPLII)
  }

  private write(at: Instant, answers: string | null, drafts: readonly Draft[]): void {
    const entries = actOf(at, answers, drafts, this.id)
    this.log.push(...entries)
    for (const e of entries) for (const t of this.truths.values()) undergo(t, e)
    const counted = entries.some(e => e.kind === 'culture.harvested' && e.data.count !== null)
    if (counted) this.known = learnRoom(this.hatching(), this.log, this.known.cache)!
  }

  /** Records as they stood: what was removed later was there still. */
  private state(at: Instant, on: RoundOccurrence): RoomState {
    const there = this.records
      .filter(r => r.type !== 'culture' || r.startedAt <= at)
      .map(r => (r.removedAt !== null && r.removedAt > at ? { ...r, removedAt: null } : r))
    return roomState(there, this.log, on.at, this.known.learned)!
  }

  private round(
    at: Instant,
    on: RoundOccurrence,
    readings: Readings,
  ): { state: RoomState; round: Round } {
    const state = this.state(at, on)
    return { state, round: buildRound(state, readings) }
  }

  /** Cultures that begin or end at this round, and looks at those that stand. */
  private tend(on: RoundOccurrence): void {
    for (const c of this.cultures) {
      const truth = this.truths.get(c.record.id)
      if (c.record.startedAt === on.at) {
        this.write(on.at, null, [startOf(c, this.cultures)])
        this.truths.set(c.record.id, truthOf(c.record, 900 + c.seed))
      } else if (truth) {
        liveUntil(truth, on.at)
        const end = endsOf(c, on)
        if (end) {
          this.write(on.at, null, [end])
          this.truths.delete(c.record.id)
        } else this.write(on.at, null, looksOf(truth, this.chance))
      }
    }
  }

  /** @param says what its round draws, where this answer is the first to say it */
  private answer(
    stop: Stop,
    at: Instant,
    on: RoundOccurrence,
    state: RoomState,
    says: AnswerContext['reckoning'],
  ): void {
    if (stop.kind === 'harvest') this.harvests++
    const c: Context = { at, chance: this.chance, id: this.id, harvest: this.harvests }
    const given = givenFor(stop, state, c)
    if (given === 'left') return
    const newId = () => this.id(toMs(at))
    const context = { state, roundKey: on.key, reckoning: says, now: at, newId }
    const answered = answerStop(stop, { how: 'done', given }, context)
    if (!answered.ok) throw new Error(`${stop.key}: ${answered.message}`)
    const looks = stop.kind === 'tank' ? tankLooks(stop, state, c) : []
    this.records.push(...answered.records.map(r => asRecord(r, at)))
    this.write(at, stop.key, [...answered.entries, ...looks])
  }

  /** One round: what is drawn first, then the tanks, as they are asked for when everything else is done. */
  live(on: RoundOccurrence): void {
    this.tend(on)
    let step = 0
    const instant = () => addHours(on.at, FIRST_H + STEP_H * step++)
    // What is drawn at this round stands in cups when the tanks are fed: nothing is read again.
    const readings = new Map([...this.truths].map(([id, t]) => [id, knownReading(t)]))
    const first = this.round(on.at, on, readings)
    const drawn = first.round.stops.filter(s => s.kind !== 'tank')
    drawn.forEach((stop, i) =>
      this.answer(stop, instant(), on, first.state, i === 0 ? first.round.reckoning : SAID),
    )
    const then = this.round(addHours(on.at, 1), on, readings)
    for (const stop of then.round.stops) {
      if (stop.kind === 'tank') this.answer(stop, instant(), on, then.state, then.round.reckoning)
    }
    if (this.chance.next() < READS_THERMOMETER) this.readThermometer(on, then.state)
  }

  private readThermometer(on: RoundOccurrence, state: RoomState): void {
    const hatch = state.hatches.findLast(h => h.endedAt === null)
    if (!hatch) return
    const temperatureC = Math.round(this.chance.normal(26, 0.5) * 10) / 10
    this.write(addHours(on.at, 0.9), null, [
      {
        kind: 'culture.temperature',
        subject: { type: 'culture', id: hatch.id },
        data: { cultureId: hatch.id, temperatureC: temperatureC as never },
      },
    ])
  }
}

const asRecord = (draft: object, at: Instant): AnyRecord =>
  ({ ...draft, updatedAt: at, removedAt: null }) as AnyRecord

/**
 * The log of some weeks, lived round by round: one person does what Renatus proposes, by the same answers as the page,
 * with the luck and the sloppiness of a person.
 * @returns entries in order of time, and the records with those that answers added
 */
export function livedWeeks(
  records: readonly AnyRecord[],
  cultures: readonly LoftCulture[],
  rounds: readonly RoundOccurrence[],
  chance: RandomStream,
  id: (ms: number) => string,
): { entries: Entry[]; records: AnyRecord[] } {
  const weeks = new Weeks(records, cultures, chance, id)
  for (const round of rounds) weeks.live(round)
  return { entries: [...effectiveEntries(weeks.log)], records: [...weeks.added] }
}
