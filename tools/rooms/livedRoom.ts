import { knownReading, liveUntil, undergo, type Truth } from '@demo/truth'
import { looksOf } from '@demo/cultures'
import { FAMILIES } from '@renatus/core/dynamics/index'
import { learnRoom, type LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import type { FoodMethod } from '@renatus/core/foods/contract'
import {
  copyCulture,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
} from '@renatus/core/foods/culture'
import { NAUPLII } from '@renatus/core/foods/hatchProfile'
import { hatchFood } from '@renatus/core/foods/hatchFood'
import { foodOf } from '@renatus/core/foods/index'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import type { KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import type { Want } from '@renatus/core/planning/reckoning/want'
import type { Draft } from '@renatus/core/records/draft'
import { entry, type Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord, type CultureRecord } from '@renatus/core/records/records'
import { buildRound, roundState, type Round } from '@renatus/core/round/round'
import type { StopAnswer } from '@renatus/core/round/answerStop'
import { minutesOf } from '@renatus/core/round/minutes'
import type { Stop } from '@renatus/core/round/stop'
import type { ProvideStop } from '@renatus/core/round/stops/provide/find'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import type { AskStop } from '@renatus/core/round/stops/ask/find'
import type { HarvestStop } from '@renatus/core/round/stops/harvest/find'
import { modelOfHatch } from '@renatus/core/stock/hatchCultures'
import { running } from '@renatus/core/stock/cultures'
import type { Learned } from '@renatus/core/stock/learned'
import { pullForecast } from '@renatus/core/stock/pullForecast'
import type { RoomState } from '@renatus/core/stock/roomState'
import { addDays, addHours, hoursBetween, toMs, type Instant } from '@renatus/core/time/localDate'
import { celsius } from '@renatus/core/units/quantity'
import { answered, type KnownRoom } from './knownRoom'

/** What a room is truly like, against the book. */
export interface World {
  growth: number
  /** On the chance of those families that fail at the start; the others fail by their own hazards. */
  failures: number
  colderC: number
}
export const WORLDS: Readonly<Record<string, World>> = {
  book: { growth: 1, failures: 1, colderC: 0 },
  unlike: { growth: 0.8, failures: 1.5, colderC: 1.5 },
}

/** How far a room is from its thermometer, degC; spread of a tin against its label and of bottles, log sd. */
const ROOM_SD_C = 1
const LOT_LOG_SD = 0.15
const BOTTLE_LOG_SD = 0.12
/** One harvest in so many is counted. */
const COUNT_EVERY = 5
const BY_HAND = ['feed', 'waterChange', 'takeOut']
/** Tanks are fed so long after their round begins. */
const TANKS_AFTER_H = 1
const FORESEEN_D = 60

/** Hours after which a culture is ready when all goes well; null where it never is. */
function foreseen(culture: Culture, temperatureC: number): number | null {
  const c = copyCulture(culture)
  for (let day = 0; day < FORESEEN_D; day++) {
    if (c.family.readiness(c.state, c.params) === 'ready') return c.ageH
    runCulture(c, 24, () => temperatureC, null)
  }
  return null
}

/** What one round came to. */
export interface LivedRound {
  /** Minutes of hands, and those without tanks. */
  minutes: number
  upkeep: number
  /** Those that the round has. */
  budget: number
  /** By brood that was to be fed: share of its meal that it got. */
  fed: Map<string, number>
}

/** A room with a truth of its own, lived by the answers of the page: who stands there sees vessels as they are, hatches and dates as they come. */
export class LivedRoom {
  room: KnownRoom
  orders = 0
  cystsG = 0
  private readonly truths = new Map<string, Truth>()
  private readonly chance: RandomStream
  private readonly shiftC: number
  private readonly lot: number
  /** Days by which broods are early (negative) or late. */
  private readonly late = new Map<string, number>()
  /** By store and hatch: what is in it against what was written. */
  private readonly truly = new Map<string, number>()
  private harvests = 0
  private known: { learned: Learned; cache: LearningCache }
  private serial = 0

  constructor(
    records: readonly AnyRecord[],
    readonly seed: number,
    private readonly world: World,
  ) {
    this.room = { records: [...records], entries: [], seed }
    this.chance = randomStream(90_000 + seed)
    this.shiftC = this.chance.normal(0, ROOM_SD_C) - world.colderC
    this.lot = Math.exp(this.chance.normal(0, LOT_LOG_SD))
    for (const r of records)
      if (r.type === 'brood')
        this.late.set(r.id, Math.round(this.chance.normal(0, r.anchor.spreadDays / 1.2816)))
    this.known = learnRoom(records, [])!
  }

  state(now: Instant): RoomState {
    return roundState(this.room.records, this.room.entries, now, this.known.learned)!
  }

  /** Readings as the app has them: by what was written down alone. */
  read(now: Instant) {
    return readRoom(this.state(now))
  }

  private round(now: Instant): { state: RoomState; round: Round } {
    const state = this.state(now)
    const alive = new Set(running(state.cultureStates).map(c => c.id))
    for (const id of [...this.truths.keys()]) if (!alive.has(id)) this.truths.delete(id)
    for (const t of this.truths.values()) liveUntil(t, state.now)
    const readings = new Map([...this.truths].map(([id, t]) => [id, knownReading(t)]))
    return { state, round: buildRound(state, readings) }
  }

  private write(at: Instant, drafts: readonly Draft[]): void {
    const id = () => makeId(toMs(at) + 500 + this.serial++, new Uint8Array(10))
    const act = id()
    const base = { at, by: 'lived', act, supersedes: null, answers: null }
    this.took(drafts.map(d => entry.parse({ ...base, ...d, id: id() })))
  }
  private took(entries: readonly Entry[]): void {
    this.room = { ...this.room, entries: [...this.room.entries, ...entries] }
    for (const e of entries) for (const t of this.truths.values()) undergo(t, e)
  }

  /** A plan is kept, and with it what it takes into the room. */
  keep(at: Instant, plan: KeptPlan, takesUp: readonly string[]): void {
    const [room] = keepingFoods(this.state(at), takesUp)
    if (room) {
      const records = this.room.records.filter(r => r.id !== room.id)
      const kept = anyRecord.parse({ ...room, updatedAt: at, removedAt: null })
      this.room = { ...this.room, records: [kept, ...records] }
    }
    this.write(at, [{ kind: 'plan.kept', subject: { type: 'plan', id: 'plan' }, data: plan }])
  }

  private methodIn(food: ReturnType<typeof foodOf> & object, method: FoodMethod): FoodMethod {
    const { growth, failures } = this.world
    const key = FAMILIES[food.profile.family].roles.growth
    const factors: Record<string, number> = { ...method.factors }
    if (key) factors[key] = (factors[key] ?? 1) * growth
    if (food.parameters.failure) factors.failure = (factors.failure ?? 1) * failures
    return { ...method, factors }
  }

  private begin(record: CultureRecord): void {
    const food = foodOf(record.foodId)
    const method = food?.methods.find(m => m.id === record.methodId)
    if (!food || !method || food.profile.family === 'hatch') return
    const started = startCulture(
      food,
      this.methodIn(food, method),
      { volumeL: record.litres },
      this.chance,
    )
    const temperatureC = celsius(record.temperatureC + this.shiftC)
    const culture = withoutUpkeep(started, BY_HAND)
    const readyH = foreseen(culture, temperatureC)
    this.truths.set(record.id, {
      record: { ...record, temperatureC },
      culture,
      chance: this.chance,
      readyH,
    })
  }

  /** What a pull truly brings against what is foretold. */
  private pullOf(stop: HarvestStop, state: RoomState): number {
    const { hatch, nauplii } = stop.pull
    const h = hoursBetween(hatch.startedAt, state.now)
    const course = hatch.temperature
    const shifted =
      typeof course === 'number'
        ? course + this.shiftC
        : course.map(x => ({ ...x, c: x.c + this.shiftC }))
    const there = { ...hatch, temperature: shifted }
    // The label of the tin is one thing, what is in it another; neither moves with what is learned.
    const { lot: label } = state.lots.find(l => l.lot.id === hatch.setup.lotId)!
    const lot = { ...label, hatch: label.hatch * this.lot }
    const model = modelOfHatch(there, lot, state.hatchPH)
    const came = pullForecast(there, model, lot, h).nauplii
    const bottle = Math.exp(this.chance.normal(0, BOTTLE_LOG_SD))
    return nauplii > 0 ? (came * bottle) / nauplii : 1
  }

  private harvestGiven(stop: HarvestStop, state: RoomState): unknown {
    const ratio = this.pullOf(stop, state)
    const nauplii = stop.pull.nauplii * ratio
    this.harvests++
    if (this.harvests % COUNT_EVERY === 2) {
      const drops = 0.3
      const animals = Math.max(0, Math.round((nauplii / 200) * drops))
      this.truly.set(stop.pull.hatch.id, 1)
      return { seen: 'good', nauplii, count: { animals, samples: 3, sampleMl: 0.1 } }
    }
    const signs = hatchFood.harvestSigns
    const off = (y: number) => Math.abs(Math.log(Math.max(0.02, y) / Math.max(0.02, ratio)))
    const seen = [...signs].sort((a, b) => off(a.yieldShare) - off(b.yieldShare))[0]!
    this.truly.set(stop.pull.hatch.id, ratio / Math.max(0.02, seen.yieldShare))
    return { seen: seen.id }
  }

  /** Whether it has happened by today. */
  private hasHappened(stop: AskStop, state: RoomState): boolean {
    const { about } = stop
    if (about.what === 'order') return true
    const { brood } = about
    const first = this.room.records.find(r => r.id === brood.id)
    const on = first?.type === 'brood' ? first.anchor.on : about.on
    return addDays(on, this.late.get(brood.id) ?? 0) <= state.today
  }

  /** What the person says to a stop. */
  private says(stop: Stop, state: RoomState, cystsG: number | null): StopAnswer {
    switch (stop.kind) {
      case 'harvest':
        return { how: 'done', given: this.harvestGiven(stop, state) }
      case 'hatch':
        return cystsG === null ? { how: 'done' } : { how: 'done', given: { cystsG } }
      case 'ask':
        return { how: this.hasHappened(stop, state) ? 'done' : 'not-now' }
      default:
        return { how: 'done' }
    }
  }

  private answer(stop: Stop, state: RoomState, round: Round, at: Instant, cystsG: number | null) {
    if (stop.kind === 'order') this.orders++
    if (stop.kind === 'hatch') this.cystsG += cystsG ?? stop.planned.cystsG
    if (stop.kind === 'provide') this.provide(stop, state, at)
    const before = this.room.entries.length
    const had = this.room.records.length
    const said = this.says(stop, state, cystsG)
    const next = answered(this.room, stop, said, state, round, at).room
    const fresh = next.entries.slice(before)
    this.room = { ...next, entries: this.room.entries }
    for (const r of next.records.slice(had)) if (r.type === 'culture') this.begin(r)
    this.took(fresh)
    this.learns(fresh)
  }

  /** Cups hold what their hatch truly brought; what was counted teaches. */
  private learns(fresh: readonly Entry[]): void {
    for (const e of fresh)
      if (e.kind === 'store.filled' && e.data.fromId)
        this.truly.set(e.data.storeId, this.truly.get(e.data.fromId) ?? 1)
    if (fresh.some(e => e.kind === 'culture.harvested' && e.data.count !== null))
      this.learnHatches()
  }

  /** From day to day only hatches teach; what vessels have taught stands. */
  private learnHatches(): void {
    const { learned, cache } = this.known
    const now = learnRoom(this.hatching(), this.room.entries, cache)!
    const foods = { ...learned.foods, ...now.learned.foods }
    this.known = {
      learned: { ...learned, lots: now.learned.lots, foods },
      cache: { ...cache, lots: now.cache.lots },
    }
  }

  /** What is bought for a first meal is ordered at once; what must be started or hatched is the plan's. */
  private provide({ ways }: ProvideStop, state: RoomState, at: Instant): void {
    const way = ways.find(w => w.kind === 'buy')
    if (!way) return
    const orderId = makeId(toMs(at) + 900 + this.serial++, new Uint8Array(10))
    const comesOn = addDays(state.today, way.days)
    const data = {
      orderId,
      what: 'food' as const,
      foodId: way.foodId,
      startId: null,
      comesOn,
      materialId: null,
    }
    this.orders++
    this.write(at, [{ kind: 'order.placed', subject: { type: 'order', id: orderId }, data }])
  }

  private hatching = () =>
    this.room.records.filter(r => r.type !== 'culture' || r.foodId === NAUPLII)

  /** What was seen of all vessels teaches as well; it takes a while. */
  learnWhole(): void {
    this.known = learnRoom(this.room.records, this.room.entries, this.known.cache)!
  }

  /**
   * One round, by one tap each: what is drawn first, then the tanks.
   * @param cystsG of each hatch, where somebody keeps to a spoon; null: as proposed
   */
  live(at: Instant, cystsG: number | null): LivedRound {
    let minutes = 0
    let upkeep = 0
    const first = this.round(at)
    for (const t of this.truths.values()) this.write(at, looksOf(t, this.chance))
    for (const stop of first.round.stops.filter(s => s.kind !== 'tank')) {
      const m = minutesOf(stop, 1)
      minutes += m
      upkeep += m
      this.answer(stop, first.state, first.round, at, cystsG)
    }
    const later = addHours(at, TANKS_AFTER_H)
    const then = this.round(later)
    const from = this.room.entries.length
    for (const stop of then.round.stops.filter(s => s.kind === 'tank')) {
      minutes += minutesOf(stop, 1)
      this.answer(stop, then.state, then.round, later, cystsG)
    }
    const fed = new Map(
      then.round.reckoning.wants.flatMap(w =>
        w.eating.map(e => [e.brood.id, this.given(w, from)] as const),
      ),
    )
    return { minutes, upkeep, budget: first.round.budget, fed }
  }

  /** Share of a tank's meal that was truly put in: mouths take whatever fits. */
  private given(want: Want, from: number): number {
    let got = 0
    for (const e of this.room.entries.slice(from)) {
      if (e.kind !== 'tank.fed' || e.data.tankId !== want.tank.id) continue
      for (const p of e.data.portions) {
        const food = want.foods.get(p.foodId)
        const truly = this.truly.get(p.source?.id ?? '') ?? 1
        if (food) got += ((p.organisms * truly) / food.whole) * food.reaches
      }
    }
    return got / want.open
  }

  /** Vessels that were started, and how many goes of it. */
  started(): { vessels: number; starts: number } {
    const made = this.room.entries.filter(e => e.kind === 'culture.started' && !e.data.hatch)
    return { vessels: made.length, starts: new Set(made.map(e => e.act)).size }
  }
}
