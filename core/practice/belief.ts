import { READINESS, type Readiness } from '../dynamics/contract'
import { actWorth, type ActWorth } from '../estimation/actWorth'
import { bandOf, systematic, weightsOf, type Cloud } from '../estimation/cloud'
import { CRASH_D } from '../estimation/lookAhead'
import { meanLook } from '../estimation/meanLook'
import type { CultureReading } from '../estimation/readCulture'
import { replay, type ReplayMemory } from '../estimation/replay'
import { keptByCard, runCulture } from '../foods/culture'
import { randomStream } from '../math/random'
import { hoursOf, type Game, type GameVessel } from './gameState'
import { vesselSubject } from './vesselSubject'

/** A vessel as it is to be believed by what the learner saw of it: the app's own reading, without what no decision here asks for. */
export interface Belief {
  cloud: Cloud
  reading: CultureReading
  /** The likeliest readiness, and how likely it is. */
  saw: Readiness
  sure: number
}

const CRASH_COURSES = 40
const SEED = 17
/** Vessels of a game by their number; what was read of one is gone on from. */
export type BeliefMemory = Map<GameVessel, ReplayMemory>

/** Chance that it is gone within three days when it goes on by its card. */
function crashChance(cloud: Cloud, w: Float64Array, temperatureC: number): number {
  const chance = randomStream(SEED + 1)
  const some = systematic(w, CRASH_COURSES, chance.next())
  const crashed = some.filter(i => {
    const c = keptByCard(cloud[i]!.culture)
    runCulture(c, CRASH_D * 24, () => temperatureC, chance)
    return c.family.stage(c.state, c.params) === 'crashed'
  })
  return crashed.length / CRASH_COURSES
}

function readingOf(cloud: Cloud, temperatureC: number): CultureReading {
  const w = weightsOf(cloud)
  const readiness = Object.fromEntries(READINESS.map(r => [r, 0])) as Record<Readiness, number>
  const stocks = cloud.map(({ culture: c }, i) => {
    readiness[c.family.readiness(c.state, c.params)] += w[i]!
    return c.family.stock(c.state, c.params)
  })
  const surplus = cloud.map(({ culture: c }) =>
    c.family.surplusPerDay(c.state, c.params, { temperatureC }),
  )
  let worth: ActWorth | null = null
  let crash: number | null = null
  return {
    id: '',
    estimate: {
      per: stocks[0]!.perCm2 === null ? 'mL' : 'cm2',
      density: bandOf(
        stocks.map(s => s.perCm2 ?? s.perMl ?? 0),
        w,
      ),
      organisms: bandOf(
        stocks.map(s => s.organisms),
        w,
      ),
      surplusPerDay: bandOf(surplus, w),
      stages: {},
      readiness,
      readyH: null,
      pFailed: readiness.failed + readiness.failing,
      // Worked out only where a decision asks.
      get pCrash3d() {
        return (crash ??= crashChance(cloud, w, temperatureC))
      },
      nextLook: null,
      moves: [],
      remarks: [],
      lean: {},
      causes: [],
    },
    look: meanLook(cloud, w),
    choices: [],
    why: [],
    whyAt: [],
    temperatureC,
    get acts() {
      return (worth ??= actWorth(cloud, () => temperatureC, SEED + 2))
    },
    ahead: null,
  }
}

/** What is to be believed of a vessel today by the looks and acts so far; null where nothing stands. */
export function beliefOf(g: Game, v: GameVessel, memory: BeliefMemory): Belief | null {
  if (!v.culture) return null
  const found = replay(vesselSubject(v), v.observations, hoursOf(g, v), memory.get(v))
  memory.set(v, found.memory)
  const { method } = v.usual
  const cloud = found.cloud.map(p => ({ ...p, culture: { ...p.culture, method } }))
  const reading = readingOf(cloud, v.temperatureC)
  const [saw, sure] = (Object.entries(reading.estimate.readiness) as [Readiness, number][]).reduce(
    (a, b) => (b[1] > a[1] ? b : a),
  )
  return { cloud, reading, saw, sure }
}
