import type { Costs } from '@renatus/core/provision/costs'
import type { Larder } from '@renatus/core/provision/larderOf'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import { answerStop, type Answered } from '@renatus/core/round/answerStop'
import { coverNow } from '@renatus/core/round/stops/cook/find'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { buildRound, roundAt, type Round } from '@renatus/core/round/round'
import { running } from '@renatus/core/stock/cultures'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import type { Learned } from '@renatus/core/stock/learned'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'
import { newId, rememberId } from '~/db/newId'
import { standingReadings } from '~/db/standingReadings'
import { learningPosition } from '~/db/teaches'
import { WorkingRoom, type RoomRead } from '~/db/workingRoom'
import { DemoWeeks, type DemoAsked } from './demoWeeks'
import type {
  Begun,
  Held,
  Readings,
  RoomAnswer,
  RoomQuestion,
  RoomTold,
  StopQuestion,
  ToldLog,
  ToldState,
} from './roomQuestion'

/** The log as it was read last, with what it has taught. */
interface Log {
  version: number
  read: RoomRead
  entries: readonly Entry[]
  learned: Learned | null
}
/** Something that was worked out, and of what: the same again is not worked out again. */
interface Kept<T> {
  version: number
  of: string
  value: T
}

const told = (state: RoomState | null): ToldState | null => {
  if (!state) return null
  const { entries: _, ...rest } = state
  return rest
}

/** A room that was made here and is being written: what goes with it. */
interface Made {
  database: string
  learned: Learned
  /** Believed at a round. */
  readings: { at: string; readings: readonly CultureReading[] }
}

const LACKS = { lacks: true } as const

/** What was believed of cultures when they were made; null where it is not of that round, or not of all. */
function madeReadings(
  { readings: { at, readings } }: Made,
  cultures: readonly CultureRecord[],
  now: string,
): readonly CultureReading[] | null {
  if (at !== now) return null
  const wanted = new Set(cultures.map(c => c.id))
  const found = readings.filter(r => wanted.has(r.id))
  return found.length === wanted.size ? found : null
}

/** How many entries two lists begin with alike. */
function alike(a: readonly Entry[], b: readonly Entry[]): number {
  let n = 0
  while (n < a.length && n < b.length && a[n] === b[n]) n++
  return n
}

/**
 * A room as it is asked for: reads the database, folds the log, reckons state and round. It runs in a worker of its own; what it
 * hands over is plain, and only what has changed.
 */
export class RoomEngine {
  private readonly id = newId()
  private name = ''
  private db: RenatusDatabase | null = null
  private working: WorkingRoom | null = null
  private log: Log | null = null
  private logs = 0
  /** What the page was told last. */
  private sent: { version: number; entries: readonly Entry[] } = { version: 0, entries: [] }
  private state: Kept<RoomState | null> = { version: 0, of: '', value: null }
  private roundState: Kept<RoomState | null> = { version: 0, of: '', value: null }
  private round: Kept<Round | null> = { version: 0, of: '', value: null }
  private readings: { number: number; all: Readings } = { number: 0, all: new Map() }
  /** Rooms that began with what an earlier visit had read. */
  private begun = 0

  private readonly weeks = new DemoWeeks()
  private made: Made | null = null

  /** Answers as soon as it is loaded. */
  ready(): void {}

  /** Gets a demo room ready: whether it is to be made is found out meanwhile. */
  readyDemo(asked: DemoAsked): void {
    this.weeks.roomFor(asked)
  }

  /** Has a demo room stand at once, before it is written. */
  beginDemo(asked: DemoAsked): void {
    const { file, learning, readings } = this.weeks.roomFor(asked)
    this.open(asked.database)
    // A look that is under way keeps what it reads to itself.
    this.working = new WorkingRoom(this.db!)
    this.working.begin(file)
    this.made = { database: asked.database, learned: learning.learned, readings }
  }

  /** Writes the demo room; where that fails none stands. */
  async writeDemo(asked: DemoAsked): Promise<void> {
    try {
      const room = this.weeks.roomFor(asked)
      const { writeDemo } = await import('~/db/writeDemo')
      const put = await writeDemo(asked.database, room)
      if (this.made) this.working?.written(put)
    } catch (error) {
      this.working = null
      throw error
    } finally {
      this.made = null
      this.weeks.forget()
    }
  }

  /** The readings that rounds are reckoned with from now on. */
  take(number: number, all: Readings): void {
    this.readings = { number, all }
  }

  async look(q: RoomQuestion): Promise<RoomAnswer> {
    const working = this.open(q.database)
    if (q.wide) working.widen()
    if (q.readings !== 0 && q.readings !== this.readings.number) return LACKS
    const log = await this.read(working)
    const untaught = log.learned === null && !q.hasty
    const state = this.stateOf(log, q.now)
    this.roundStateOf(log, untaught || !state ? null : state.room, q.now)
    const begun = q.readings === 0 ? await this.begin(log) : null
    this.roundOf(begun?.number ?? q.readings)
    return { lacks: false, untaught, begun, ...this.news(log, q.held) }
  }

  /** The readings of an earlier visit, where all that a round needs still holds: the first one waits for no reader. */
  private async begin(log: Log): Promise<Begun | null> {
    const state = this.roundState.value
    if (!state) return null
    const cultures = running(state.cultureStates).map(c => c.record)
    const known = this.made
      ? madeReadings(this.made, cultures, state.now)
      : await this.keptReadings(log, cultures, state.now)
    if (!known) return null
    const number = -++this.begun
    this.take(number, new Map(known.map(r => [r.id, r])))
    return { number, readings: known }
  }

  private async keptReadings(
    { read, entries, learned }: Log,
    cultures: readonly CultureRecord[],
    at: string,
  ): Promise<readonly CultureReading[] | null> {
    if (cultures.some(c => this.working!.leavesOut(c.id))) return null
    const room = { records: read.records, entries, learned }
    return standingReadings(this.db!, room, cultures, at)
  }

  /** What has changed since what a page holds. */
  private news(log: Log, held: Held | null): Omit<RoomTold, 'lacks' | 'untaught' | 'begun'> {
    const known = held?.engine === this.id ? held : null
    const now = this.versions()
    const round = { state: told(this.roundState.value), round: this.round.value }
    return {
      held: now,
      log: known?.log === log.version ? null : this.tellLog(log, known),
      state: known?.state === now.state ? null : { now: told(this.state.value) },
      round: known?.round === now.round ? null : round,
    }
  }

  /** What a tap on a stop writes; null where no round has been reckoned. */
  answer({ stop, how, given, roundKey, now }: StopQuestion): Answered | null {
    const state = this.roundState.value
    const reckoning = this.round.value?.reckoning
    if (!state || !reckoning) return null
    return answerStop(stop, { how, given }, { state, roundKey, reckoning, now, newId })
  }

  /** How long each gel diet lasts: two months of ladders, for the view that asks. Null before anything was looked at. */
  gelCover(): ReturnType<typeof coverNow> | null {
    return this.state.value && coverNow(this.state.value)
  }

  /** What each brood eats of gel, in what size, and when its diet changes, for the view that asks. Null before anything was looked at. */
  async gelBroods(): Promise<GelBrood[] | null> {
    const state = this.state.value
    const { gelBroods } = await import('@renatus/core/planning/gelBrood')
    return state && gelBroods(state)
  }

  /** What is kept, how long it lasts, what to buy and what it costs, for the view that asks. Null before anything was looked at. */
  async larder(days: number, certainty: number): Promise<Larder | null> {
    const state = this.state.value
    // Nothing else needs it: it comes when it is asked for.
    const { larderOf } = await import('@renatus/core/provision/larderOf')
    return state && larderOf(state, days, certainty)
  }

  /** What things cost, for the view that asks. Null before anything was looked at. */
  async costs(): Promise<Costs | null> {
    const state = this.state.value
    const { costs } = await import('@renatus/core/provision/costs')
    return state && costs(state)
  }

  private open(name: string): WorkingRoom {
    const lost = this.db?.hasBeenClosed() || this.db?.hasFailed()
    if (this.working && this.name === name && !lost) return this.working
    this.db?.close()
    this.db = new RenatusDatabase(name)
    this.working = new WorkingRoom(this.db)
    this.name = name
    this.log = null
    this.made = null
    return this.working
  }

  private async read(working: WorkingRoom): Promise<Log> {
    const taught = this.made ? this.made.learned : lastLearned(this.db!)
    const [read, learned] = await Promise.all([working.read(), taught])
    const before = this.log
    const same =
      before !== null &&
      before.read.entries === read.entries &&
      before.read.records === read.records &&
      before.read.stale === read.stale &&
      JSON.stringify(before.learned) === JSON.stringify(learned)
    if (same) return before
    const last = read.entries.at(-1)?.id
    if (last) rememberId(last)
    const entries =
      before?.read.entries === read.entries ? before.entries : effectiveEntries(read.entries)
    this.log = { version: ++this.logs, read, entries, learned }
    return this.log
  }

  private project({ read, learned }: Log, at: string): RoomState | null {
    return roomState(read.records, read.entries, at, learned ?? undefined, read.settled)
  }

  private stateOf(log: Log, now: string): RoomState | null {
    const of = `${this.name} ${log.version} ${now}`
    if (this.state.of !== of)
      this.state = { version: this.state.version + 1, of, value: this.project(log, now) }
    return this.state.value
  }

  /** At the hour of the round that is on: a minute that passes changes nothing. */
  private roundStateOf(log: Log, room: RoomState['room'] | null, now: string): void {
    const at = room && roundAt(room, now).at
    const of = `${this.name} ${log.version} ${at}`
    if (this.roundState.of === of) return
    const value = at ? this.project(log, at) : null
    this.roundState = { version: this.roundState.version + 1, of, value }
  }

  private roundOf(readings: number): void {
    const state = this.roundState.value
    const of = `${this.roundState.version} ${readings}`
    if (this.round.of === of) return
    const value = state && readings !== 0 ? buildRound(state, this.readings.all) : null
    this.round = { version: this.round.version + 1, of, value }
  }

  private versions(): Held {
    const { log, state, round } = this
    return {
      engine: this.id,
      log: log!.version,
      state: state.version,
      round: round.version,
    }
  }

  private tellLog({ version, read, entries, learned }: Log, known: Held | null): ToldLog {
    const keep = known?.log === this.sent.version ? alike(this.sent.entries, entries) : 0
    this.sent = { version, entries }
    return {
      records: read.records,
      entries: { keep, tail: entries.slice(keep) },
      settled: read.settled,
      count: read.count,
      // In order of the ids: the last is the newest.
      last: read.entries.at(-1)?.id ?? null,
      newestAt: read.entries.reduce((at, e) => (e.at > at ? e.at : at), '') || null,
      teaches: learningPosition(read.records, read.entries),
      stale: read.stale,
      taught: learned !== null,
      left: this.working!.leftOut(),
    }
  }
}
