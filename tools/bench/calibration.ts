/** Whether what a plan says of its certainty is true: many tiny rooms, each planned once and lived once by its own hidden truth. */
import highsLoader from 'highs'
import { courseOf, usualTake } from '@renatus/core/foods/courses'
import { FAMILIES } from '@renatus/core/dynamics/index'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { startCulture, withoutUpkeep } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import {
  COVERED_FROM,
  givenUpAfter,
  RESTART_AFTER,
  stepIn,
} from '@renatus/core/planning/plan/repair'
import { planDemand } from '@renatus/core/planning/plan/demand'
import { DOUBT } from '@renatus/core/planning/plan/fates'
import { planRoom, type CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { planRequest, type PlanRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { makeId } from '@renatus/core/records/id'
import { anyRecord } from '@renatus/core/records/records'
import { NOTHING_LEARNED, type FoodLearned, type Learned } from '@renatus/core/stock/learned'
import { roomState } from '@renatus/core/stock/roomState'
import { addDays, daysBetween } from '@renatus/core/time/localDate'

const NOW = '2026-03-10T05:30:00.000Z'
const FISH = ['pygmy-sunfish', 'scarlet-badis', 'medaka', 'angelfish', 'peacock-gudgeon']
const FOODS = [
  ['infusoria', 'microworm', 'paramecium'],
  ['paramecium', 'vinegar-eel', 'microworm'],
  ['infusoria', 'paramecium', 'banana-worm'],
]
const DAYS = 21
/** How far a room is from its thermometer, degC. */
const ROOM_SD_C = 1

/** Vessels of each food that taught a room its pace, by how much they err (log), how far they are believed. */
const TAUGHT_BY = 3
const TAUGHT_SD = 0.15
const BELIEVED = 0.7

/** What a room has learned of the pace of its foods, when that of the book is out by a factor. */
function taughtBy(foods: readonly string[], pace: number, chance: RandomStream): Learned {
  const of = (id: string): FoodLearned => {
    const key = FAMILIES[foodOf(id)!.profile.family].roles.growth!
    const logShift = BELIEVED * (Math.log(pace) + chance.normal(0, TAUGHT_SD))
    const value = Math.exp(logShift)
    const growth = { value, low: value / 1.3, high: value * 1.3, from: TAUGHT_BY, book: 1 }
    const priors = { [key]: { logShift, logSd: 0.2 } }
    return { growth, lag: null, capacity: null, failure: null, priors }
  }
  return { ...NOTHING_LEARNED, foods: Object.fromEntries(foods.map(id => [id, of(id)])) }
}

function tinyRoom(seed: number): PlanRequest {
  const chance = randomStream(7000 + seed)
  let n = 0
  const id = () => makeId(4_000_000 + seed * 100 + n++, new Uint8Array(10))
  const base = () => ({ id: id(), updatedAt: NOW, removedAt: null })
  const tanks = [0, 1].map(i => ({
    ...base(),
    type: 'tank',
    placeId: null,
    name: `Tank ${i}`,
    litres: 12,
    temperatureC: 24,
  }))
  const records = [
    {
      ...base(),
      type: 'room',
      name: 'Tiny',
      timeZone: 'Europe/Berlin',
      rounds: [
        { name: 'Morning', at: '06:30' },
        { name: 'Evening', at: '19:00' },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      foods: FOODS[seed % FOODS.length],
    },
    ...tanks,
    ...tanks.map((t, i) => ({
      ...base(),
      type: 'brood',
      name: `Brood ${i}`,
      speciesId: FISH[chance.integer(0, FISH.length - 1)],
      tankId: t.id,
      anchor: {
        event: 'free',
        on: addDays('2026-03-10', chance.integer(6, 15)),
        kind: 'expected',
        spreadDays: chance.integer(0, 2),
      },
      fry: chance.integer(20, 90),
      countedOn: '2026-03-10',
    })),
  ].map(r => anyRecord.parse(r))
  const state = roomState(records, [], NOW)!
  return planRequest({
    state,
    readings: new Map(),
    days: DAYS,
    certainty: [0.8, 0.9, 0.95][seed % 3]!,
    seed,
  })
}

/** What a room is truly like, against the book; and the pace of growth that it has learned, if any. */
interface World {
  growth: number
  failures: number
  colderC: number
  learned?: number
  /** Each room is off in pace, failures and appetite by as much as plans hold possible of a room. */
  drawn?: boolean
}
const WORLDS: Readonly<Record<string, World>> = {
  'book': { growth: 1, failures: 1, colderC: 0 },
  'as doubted': { growth: 1, failures: 1, colderC: 0, drawn: true },
  'unlike': { growth: 0.8, failures: 1.5, colderC: 1.5 },
  'book, taught': { growth: 1, failures: 1, colderC: 0, learned: 1 },
  // Colder by a degree and a half is about an eighth slower.
  'unlike, taught': { growth: 0.8, failures: 1.5, colderC: 1.5, learned: 0.7 },
}

/** One room of a world: what grows, fails and is eaten there, against the book. */
function roomOf({ drawn, ...world }: World, chance: RandomStream): World & { appetite: number } {
  if (!drawn) return { ...world, appetite: 1 }
  const off = (sd: number) => Math.exp(chance.normal(0, sd))
  return {
    ...world,
    growth: world.growth * off(DOUBT.pace),
    failures: world.failures * off(DOUBT.failures),
    appetite: off(DOUBT.appetite),
  }
}

/** The room as it plans in that world: with what it has been taught. */
function requestIn(r: PlanRequest, { learned }: World, seed: number): PlanRequest {
  if (learned === undefined) return r
  const taught = taughtBy(r.state.room.foods, learned, randomStream(80_000 + seed))
  return { ...r, state: { ...r.state, learned: taught } }
}

/** The school as it goes in that world: what grows there grows by another pace. */
function methodIn(food: Food, method: FoodMethod, { growth }: World): FoodMethod {
  const key = FAMILIES[food.profile.family].roles.growth
  if (!key) return method
  return { ...method, factors: { ...method.factors, [key]: (method.factors[key] ?? 1) * growth } }
}

/** One hidden truth: every vessel by its own model, its own luck and its own warmth; failures of one start are alike. */
function supplyOf(
  plan: CulturePlan,
  chance: RandomStream,
  world: World,
): Map<string, Float64Array> {
  const supply = new Map<string, Float64Array>()
  for (const s of plan.starts) {
    const food = foodOf(s.food)!
    const method = food.methods.find(m => m.id === s.method)!
    const days = supply.get(s.food) ?? new Float64Array(DAYS)
    supply.set(s.food, days)
    const temperature =
      (food.rangeC[0] + food.rangeC[1]) / 2 + chance.normal(0, ROOM_SD_C) - world.colderC
    const failure = Math.min(0.95, s.chances.failure * world.failures)
    const share = usualTake({
      food,
      method,
      setup: { volumeL: s.litres },
      temperatureC: (food.rangeC[0] + food.rangeC[1]) / 2,
    })
    const start = daysBetween(plan.from, s.on)
    let failed = 0
    const mass = (1 - 0.35) / 0.35
    for (let v = 0; v < s.vessels; v++) {
      let day = start
      let fails = chance.next() < (failure * mass + failed) / (mass + v)
      if (fails) {
        failed++
        day += givenUpAfter(s.chances.readyDays) + RESTART_AFTER
        fails = chance.next() < failure
      }
      if (fails) continue
      const gives = courseOf(
        withoutUpkeep(
          startCulture(food, methodIn(food, method, world), { volumeL: s.litres }, chance),
          ['takeOut'],
        ),
        share,
        () => temperature,
        DAYS,
        chance,
      )
      for (let d = day; d < DAYS; d++)
        days[d]! +=
          ((gives[d - day] ?? 0) +
            (gives[d - day + 1] ?? 0) +
            (gives[Math.max(0, d - day - 1)] ?? 0)) /
          3
    }
  }
  return supply
}

/** Which brood-days were covered in that truth, by the plan's meals and the fixed repair. */
function livedOf(r: PlanRequest, plan: CulturePlan, chance: RandomStream, of: World): boolean[] {
  const world = roomOf(of, chance)
  const supply = supplyOf(plan, chance, world)
  const demand = planDemand(r.state, r.from, DAYS)
    .filter(b => !b.standby)
    .map(b => ({
      ...b,
      foods: b.foods.map(f => ({ ...f, organisms: f.organisms * world.appetite })),
    }))
  const shift = new Map(
    r.state.broods.map(b => [b.id, Math.round(chance.normal(0, b.dates.free.spreadDays / 1.2816))]),
  )
  return plan.cover.map(c => {
    const day = daysBetween(plan.from, c.day)
    const at = day + (shift.get(c.brood) ?? 0)
    const b = demand.find(x => x.brood === c.brood && x.day === day)!
    if (at < 0 || at >= DAYS) return true
    const want = new Map<string, number>()
    for (const t of plan.takes)
      if (daysBetween(plan.from, t.day) + (shift.get(t.brood) ?? 0) === at)
        want.set(t.food, (want.get(t.food) ?? 0) + t.organisms * world.appetite)
    const given = b.foods.map(
      f =>
        plan.takes
          .filter(t => t.brood === c.brood && t.day === c.day && t.food === f.food)
          .reduce((n, t) => n + t.share, 0) *
        Math.min(1, (supply.get(f.food)?.[at] ?? 0) / Math.max(1e-9, want.get(f.food) ?? 0)),
    )
    const got = given.reduce((a, x) => a + x, 0)
    const more = stepIn(b, got, given, f =>
      Math.max(0, (supply.get(f)?.[at] ?? 0) - (want.get(f) ?? 0)),
    )
    return got + more.reduce((a, x) => a + x, 0) >= COVERED_FROM
  })
}

const BINS = [0.5, 0.7, 0.85, 0.9, 0.95, 0.99, 1.01]

export async function benchCalibration(rooms = 200, first = 0): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const counts = Object.keys(WORLDS).map(name => ({
    name,
    bins: BINS.slice(1).map((hi, i) => ({ lo: BINS[i]!, hi, n: 0, covered: 0 })),
  }))
  for (let seed = first; seed < first + rooms; seed++) {
    const room = tinyRoom(seed)
    const untaught = planRoom(room, solver)
    for (const { name, bins } of counts) {
      const r = requestIn(room, WORLDS[name]!, seed)
      const plan = r === room ? untaught : planRoom(r, solver)
      const lived = livedOf(r, plan, randomStream(90_000 + seed), WORLDS[name]!)
      plan.cover.forEach((c, i) => {
        const bin = bins.find(b => c.probability >= b.lo && c.probability < b.hi)
        if (!bin || c.planned < COVERED_FROM) return
        bin.n++
        if (lived[i]) bin.covered++
      })
    }
  }
  for (const { name, bins } of counts)
    for (const b of bins)
      console.log(
        `rooms ${name}: brood-days stated ${Math.round(b.lo * 100)} to ${Math.min(100, Math.round(b.hi * 100))} %`.padEnd(
          52,
        ),
        b.n === 0 ? 'none' : `covered ${((100 * b.covered) / b.n).toFixed(1)} % of ${b.n}`,
      )
}
