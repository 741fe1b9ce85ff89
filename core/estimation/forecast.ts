import { bestTake, courseOf, evenedOut, inUse } from '../foods/courses'
import {
  copyCulture,
  keptByCard,
  runCulture,
  STEP_H,
  withoutUpkeep,
  type Culture,
} from '../foods/culture'
import { randomStream } from '../math/random'
import { bandOf, systematic, weightsOf, type Band, type Cloud } from './cloud'

/** One day of the days to come, for a vessel that is kept by its method and from which nothing is taken. Bands of 80 %. */
export interface ForecastDay {
  day: number
  density: Band
  surplus: Band
  /** Organisms that day when it is drawn from day after day, as suits it best. */ gives: Band
  /** Chance that it is ready, and that it is lost. */ ready: number
  lost: number
}

/** Days until it holds as much as now again, after a share was taken; null where that is not within reach. */
export interface Back {
  share: number
  days: number | null
}

export interface Forecast {
  days: ForecastDay[]
  back: Back[]
}

const COURSES = 80
const GIVING_COURSES = 24
const BACK_COURSES = 16
const BACK_SHARES = [0.05, 0.1, 0.2, 0.33, 0.5, 0.75]
const MOST_BACK_D = 21

/** A forecast reaches three weeks, or on until most courses have come to what they give, and some days more. */
const LEAST_DAYS = 21
const MOST_DAYS = 70
const MOST_COURSES = 0.75
const SETTLED_DAYS = 14

/** A vessel that is far from ready would else be thought never to give anything. */
function reaches(day: number, come: readonly number[]): boolean {
  if (day < LEAST_DAYS) return false
  const by = [...come].sort((a, b) => a - b)[Math.ceil(come.length * MOST_COURSES) - 1]!
  return day >= Math.min(MOST_DAYS, by + SETTLED_DAYS)
}

/** Runs a fair draw of the belief on, day by day. */
export function forecast(
  cloud: Cloud,
  temperature: (day: number) => number,
  seed: number,
): Forecast {
  const w = weightsOf(cloud)
  const chance = randomStream(seed)
  const courses = systematic(w, COURSES, chance.next()).map(i => keptByCard(cloud[i]!.culture))
  const even = courses.map(() => 1)
  /** Day on which each is ready or lost. */
  const come = courses.map(() => Infinity)
  const days: Omit<ForecastDay, 'gives'>[] = []
  for (let day = 0; day === 0 || !reaches(day - 1, come); day++) {
    if (day > 0) for (const c of courses) runDay(c, temperature, chance)
    const environment = { temperatureC: temperature((courses[0]?.ageH ?? 0) / 24) }
    const stocks = courses.map(c => c.family.stock(c.state, c.params))
    const readiness = courses.map(c => c.family.readiness(c.state, c.params))
    readiness.forEach((r, i) => {
      if (r !== 'resting' && r !== 'building') come[i] = Math.min(come[i]!, day)
    })
    days.push({
      day,
      density: bandOf(
        stocks.map(s => s.perCm2 ?? s.perMl ?? 0),
        even,
      ),
      surplus: bandOf(
        courses.map(c => c.family.surplusPerDay(c.state, c.params, environment)),
        even,
      ),
      ready: readiness.filter(r => r === 'ready').length / COURSES,
      lost: readiness.filter(r => r === 'failed').length / COURSES,
    })
  }
  const gives = giving(cloud, w, temperature, randomStream(seed + 1), days.length - 1)
  const some = systematic(w, BACK_COURSES, chance.next()).map(i => cloud[i]!.culture)
  return {
    days: days.map((d, i) => ({ ...d, gives: gives[i]! })),
    back: BACK_SHARES.map(share => ({ share, days: backAfter(some, share, temperature) })),
  }
}

/** A vessel as it is when it can first be drawn from. */
function ripened(from: Culture, temperature: (day: number) => number): Culture {
  const c = copyCulture(from)
  for (let day = 0; day < MOST_DAYS && !inUse(c); day++) runDay(c, temperature, null)
  return c
}

/** Vessels of the belief by which it is decided how much is drawn a day. */
const ASKED = 7

/** The share to be drawn a day that suits the vessels of the belief together, as they can first be drawn from. */
function shareFor(drawn: readonly Culture[], temperature: (day: number) => number): number {
  const every = Math.max(1, Math.floor(drawn.length / ASKED))
  const some = drawn.filter((_, i) => i % every === 0).map(c => ripened(c, temperature))
  const ages = some.map(c => c.ageH).toSorted((a, b) => a - b)
  return bestTake(some, temperature(ages[Math.floor(ages.length / 2)]! / 24))
}

/** What vessels of the belief give that are drawn from day after day. */
function giving(
  cloud: Cloud,
  w: Float64Array,
  temperature: (day: number) => number,
  chance: ReturnType<typeof randomStream>,
  daysAhead: number,
): Band[] {
  const drawn = systematic(w, GIVING_COURSES, chance.next()).map(i =>
    withoutUpkeep(keptByCard(cloud[i]!.culture), ['takeOut']),
  )
  const share = shareFor(drawn, temperature)
  const all = drawn.map(c => evenedOut(courseOf(c, share, temperature, daysAhead, chance), 0))
  // What never gives has failed: that is told as the chance that it is lost, as it is of starts to come.
  const giving = all.filter(c => c.some(x => x > 0))
  const courses = giving.length > 0 ? giving : all
  const even = courses.map(() => 1)
  return Array.from({ length: daysAhead + 1 }, (_, day) =>
    bandOf(
      courses.map(c => c[day]!),
      even,
    ),
  )
}

function runDay(
  c: Culture,
  temperature: (day: number) => number,
  chance: Parameters<typeof runCulture>[3],
): void {
  for (let h = 0; h < 24; h += STEP_H) runCulture(c, STEP_H, temperature, chance)
}

/** Median over courses of the days until a harvest has grown back. */
function backAfter(
  courses: readonly Culture[],
  share: number,
  temperature: (day: number) => number,
): number | null {
  const found = courses
    .map(course => {
      const before = course.family.stock(course.state, course.params).organisms
      const c = withoutUpkeep(keptByCard(course), ['takeOut'])
      c.family.act(c.state, c.params, { kind: 'takeOut', amount: share, unit: 'share' })
      for (let day = 0.5; day <= MOST_BACK_D; day += 0.5) {
        runCulture(c, 12, temperature, null)
        if (c.family.stock(c.state, c.params).organisms >= before * 0.98) return day
      }
      return Infinity
    })
    .sort((a, b) => a - b)
  const middle = found[Math.floor(found.length / 2)] ?? Infinity
  return Number.isFinite(middle) ? middle : null
}

/** Days until a share that was taken is back, between the shares that were worked out. */
export function daysBack(back: readonly Back[], share: number): number | null {
  const upper = back.findIndex(b => b.share >= share - 1e-9)
  if (upper < 0) return null
  const hi = back[upper]!
  const lo = upper === 0 ? { share: 0, days: 0 } : back[upper - 1]!
  if (hi.days === null || lo.days === null) return hi.days
  return lo.days + ((hi.days - lo.days) * (share - lo.share)) / (hi.share - lo.share)
}
