/** Whether a plan feeds better than a rule of thumb with the same hands: rooms of fifty days, each lived by a truth of its own. */
import highsLoader from 'highs'
import { foodOf } from '@renatus/core/foods/index'
import { failureOf } from '@renatus/core/foods/failureOf'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { asKept, type KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import { planFacts } from '@renatus/core/planning/plan/planFacts'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { CERTAINTY } from '@renatus/core/planning/plan/request'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { addDays, addHours, type Instant } from '@renatus/core/time/localDate'
import { beginnersRoom } from '../rooms/beginnersRoom'
import { LivedRoom, WORLDS, type World } from '../rooms/livedRoom'

const NOW = '2026-03-10T05:30:00.000Z'
const DAYS = 50
const ROUNDS_H = [0, 12.5]
/** The plan is asked again every so many days, and what it says is kept. */
const ASKED_EVERY = 10
const HORIZON = 56
const FULL = 0.9
const HUNGRY = 0.25

/** A way of keeping a room: what is kept on a day, and the cysts of each hatch. */
interface Way {
  name: string
  cystsG: number | null
  plan: (lived: LivedRoom, at: Instant, day: number) => { plan: KeptPlan; takesUp: string[] } | null
}

/** So many vessels of each food, anew every so many days; nauplii by the spoon. */
const rule = (name: string, vessels: number, litres: number | null, everyDays: number): Way => ({
  name,
  cystsG: 2,
  plan: (lived, at, day) => {
    if (day > 0) return null
    const state = lived.state(at)
    const starts = state.room.foods.flatMap(id => {
      const food = foodOf(id)
      if (!food || food.profile.family === 'hatch') return []
      const method = food.methods[0]!
      const lead = method.starterShare > 0 ? (food.buying?.leadDays ?? 4) : 0
      const days = Array.from({ length: Math.ceil(DAYS / everyDays) }, (_, i) => i * everyDays)
      return days.map((d, i) => {
        const on = addDays(state.today, i === 0 ? lead : d)
        return {
          id: `${id}-${on}`,
          food: id,
          method: method.id,
          on,
          vessels,
          placeId: null,
          litres: litres ?? method.vessel.volumeL,
          orderBy: i === 0 && lead > 0 ? state.today : null,
          forBrood: '',
          neededOn: on,
          failure: failureOf(food, method),
          readyDays: 7,
          readyLogSd: 0.3,
          why: 'by rule',
        }
      })
    })
    const facts = planFacts(state, new Map())
    const asked = { days: HORIZON, certainty: CERTAINTY.usual, pins: [], refused: [] }
    return { plan: { ...asked, from: state.today, starts, facts }, takesUp: [] }
  },
})

const planned = (solver: Solver): Way => ({
  name: 'the plan',
  cystsG: null,
  plan: (lived, at, day) => {
    if (day % ASKED_EVERY !== 0) return null
    lived.learnWhole()
    const state = lived.state(at)
    const readings = lived.read(at)
    const asked = { seed: 1, days: HORIZON, certainty: CERTAINTY.usual, pins: [] }
    const question = { ...asked, onlyPinned: false, whatIf: NOTHING_ELSE }
    const plan = answerPlan(state, readings, question, solver)
    const taken = new Set<string>()
    const starts = plan.starts.map(s => {
      const kept = asKept(s, taken)
      taken.add(kept.id)
      return kept
    })
    const facts = planFacts(state, readings)
    return {
      plan: { ...asked, from: state.today, starts, refused: [], facts },
      takesUp: plan.takesUp,
    }
  },
})

interface Lived {
  broodDays: number
  full: number
  hungry: number
  vessels: number
  starts: number
  orders: number
  upkeep: number
  days: number
  over: number
  cystsG: number
}

function liveRoom(seed: number, world: World, way: Way): Lived {
  const lived = new LivedRoom(beginnersRoom(seed, NOW), seed, world)
  const sum: Lived = {
    broodDays: 0,
    full: 0,
    hungry: 0,
    vessels: 0,
    starts: 0,
    orders: 0,
    upkeep: 0,
    days: DAYS,
    over: 0,
    cystsG: 0,
  }
  for (let day = 0; day < DAYS; day++) {
    const morning = addHours(NOW, 24 * day)
    const plan = way.plan(lived, morning, day)
    if (plan) lived.keep(morning, plan.plan, plan.takesUp)
    const shares = new Map<string, number[]>()
    let left = 0
    for (const h of ROUNDS_H) {
      const round = lived.live(addHours(morning, h), way.cystsG)
      sum.upkeep += round.upkeep
      left += round.budget - round.minutes
      for (const [brood, share] of round.fed)
        shares.set(brood, [...(shares.get(brood) ?? []), share])
    }
    if (left < 0) sum.over++
    for (const meals of shares.values()) {
      const share = meals.reduce((a, b) => a + b, 0) / meals.length
      sum.broodDays++
      if (share >= FULL) sum.full++
      if (share < HUNGRY) sum.hungry++
    }
  }
  return { ...sum, ...lived.started(), orders: lived.orders, cystsG: lived.cystsG }
}

const percent = (n: number, of: number) => `${((100 * n) / Math.max(1, of)).toFixed(1)} %`

/** @param rooms how many, each in every world and by every way */
export async function benchLivedRooms(rooms = 30, first = 0): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const ways = [
    planned(solver),
    rule('two of 5 L a food, monthly', 2, 5, 30),
    rule('three usual vessels a food, fortnightly', 3, null, 14),
  ]
  for (const [name, world] of Object.entries(WORLDS))
    for (const way of ways) {
      const from = performance.now()
      const all = Array.from({ length: rooms }, (_, i) => liveRoom(first + i, world, way))
      const sum = (key: keyof Lived) => all.reduce((n, x) => n + x[key], 0)
      const mean = (key: keyof Lived) => (sum(key) / rooms).toFixed(1)
      const days = sum('broodDays')
      console.log(
        `lived ${name.padEnd(7)} ${way.name.padEnd(40)} fed ${percent(sum('full'), days)} of ${days} brood-days, under a quarter ${percent(sum('hungry'), days)}; ${mean('vessels')} vessels in ${mean('starts')} starts, ${mean('orders')} orders; ${(sum('upkeep') / sum('days')).toFixed(1)} min a day without feeding, days over the minutes ${percent(sum('over'), sum('days'))}; ${mean('cystsG')} g of cysts; ${((performance.now() - from) / 1000).toFixed(0)} s`,
      )
    }
}
