import * as z from 'zod'
import highsLoader from 'highs'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { CERTAINTY, HORIZON } from '@renatus/core/planning/plan/request'
import { aheadPicture, type HeldStart } from '@renatus/core/planning/plan/aheadPicture'
import type { PlannedStart } from '@renatus/core/planning/plan/explainStart'
import {
  keptPlan,
  startsLeft,
  startStates,
  type KeptPlan,
} from '@renatus/core/planning/plan/keptPlan'
import { planDifference } from '@renatus/core/planning/plan/planDifference'
import { factChanges, planFacts } from '@renatus/core/planning/plan/planFacts'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { compare } from '@renatus/core/math/compare'
import type { RoomState } from '@renatus/core/stock/roomState'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { daysBetween, instantOf } from '@renatus/core/time/localDate'
import { roomInput, roundStateOf } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  from: z.iso
    .date()
    .describe(
      'first day of the plan; where the log knows later days, it begins with the last of them',
    ),
  days: z.number().int().min(1).max(HORIZON.most).default(60),
  certainty: z.number().min(CERTAINTY.least).max(CERTAINTY.most).default(CERTAINTY.usual),
  seed: z.number().int().default(1).describe('of the simulated futures'),
  minutesPerRound: z
    .number()
    .min(0)
    .max(600)
    .optional()
    .describe('minutes of every round on every day, whatever the room says'),
})

const chance = z.number().min(0).max(1)
const perDay = z.array(z.number())
const span = { from: z.number(), to: z.number() }
const pictureOut = z.object({
  days: z.number(),
  mouths: z.array(
    z.object({
      brood: z.string(),
      free: z.object({ early: z.number(), day: z.number() }).nullable(),
      bands: z.array(z.object({ food: z.string(), ...span, row: z.number() })),
      gaps: z.array(z.object(span)),
    }),
  ),
  lanes: z.array(
    z.object({
      food: z.string(),
      rows: z.number(),
      bars: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          kind: z.enum(['stands', 'kept', 'proposed']),
          ...span,
          ready: z.number(),
          vessels: z.number(),
          row: z.number(),
          order: z
            .object({ state: z.enum(['to order', 'ordered', 'due', 'late']), day: z.number() })
            .nullable(),
        }),
      ),
      wanted: perDay,
      supply: z.object({ p10: perDay, p50: perDay, p90: perDay }),
    }),
  ),
})
const lineOut = z.object({ on: z.string(), vessels: z.number() })
export const output = z.object({
  status: z.enum(['optimal', 'feasible', 'time-limit', 'infeasible']),
  starts: z.array(
    z.object({
      food: z.string(),
      method: z.string(),
      on: z.string(),
      vessels: z.number(),
      vessel: z.string(),
      litres: z.number(),
      orderBy: z.string().nullable(),
      brood: z.string(),
      neededOn: z.string(),
      readyBy: z.string(),
      failure: chance,
      readyDays: z.number(),
      why: z.string(),
    }),
  ),
  hatches: z.array(
    z.object({
      vessel: z.string(),
      start: z.string(),
      pulls: z.array(z.string()),
      cystsG: z.number(),
      nauplii: z.number(),
    }),
  ),
  takes: z.array(
    z.object({
      day: z.string(),
      brood: z.string(),
      food: z.string(),
      organisms: z.number(),
      share: z.number(),
      from: z.object({ kind: z.enum(['culture', 'start', 'hatch', 'store']), id: z.string() }),
    }),
  ),
  cover: z.array(
    z.object({
      brood: z.string(),
      day: z.string(),
      need: z.number().describe('share of the ration of the day: 1'),
      planned: z.number(),
      probability: chance,
    }),
  ),
  lastStarts: z.array(
    z.object({ brood: z.string(), food: z.string(), on: z.string(), neededOn: z.string() }),
  ),
  gaps: z.array(
    z.object({
      brood: z.string(),
      from: z.string(),
      to: z.string(),
      share: z.number(),
      ways: z.array(
        z.object({
          kind: z.string(),
          food: z.string(),
          helpsFrom: z.string(),
          closes: chance,
          likely: chance,
          cost: z.number(),
        }),
      ),
    }),
  ),
  days: z.array(z.object({ day: z.string(), minutes: z.number(), budget: z.number() })),
  vessels: z.number().describe('started in all'),
  orders: z.array(z.object({ food: z.string(), on: z.string(), comes: z.string() })),
  feeds: z
    .array(
      z.object({
        culture: z.string(),
        food: z.string(),
        litres: z.number().describe('a day'),
        from: z.string().nullable(),
      }),
    )
    .describe('what cultures eat of cultures'),
  picture: pictureOut,
  whatChanged: z
    .array(
      z.object({
        kind: z.enum(['new', 'dropped', 'moved', 'more', 'fewer']),
        food: z.string(),
        was: lineOut.nullable(),
        is: lineOut.nullable(),
        because: z.array(z.string()).describe('what has changed in the room since it was kept'),
      }),
    )
    .optional()
    .describe('against the plan that is kept in the room, where there is one'),
  objective: z.number().nullable(),
  gap: z.number().nullable(),
  clash: z.string().nullable(),
})

const withMinutes = (state: RoomState, minutes: number): RoomState => ({
  ...state,
  room: {
    ...state.room,
    rounds: state.room.rounds.map(r => ({ ...r, minutes, minutesByDay: null })),
  },
})

/** Starters of starts, and what else must be got: each on its day. */
function ordersOf(p: CulturePlan): z.input<typeof output>['orders'] {
  const starters = p.starts.flatMap(s =>
    s.orderBy === null ? [] : [{ food: s.food, on: s.orderBy, comes: s.on }],
  )
  const others = p.gets.map(g => ({ food: g.food, on: g.by, comes: g.comes }))
  return [...starters, ...others].sort((a, b) => compare(a.on, b.on))
}

const asHeld = (s: PlannedStart): HeldStart => ({
  id: `${s.food} ${s.on}`,
  food: s.food,
  method: s.method,
  on: s.on,
  vessels: s.vessels,
  kept: false,
  readyDays: s.chances.readyDays,
  orderBy: s.orderBy,
})

const lineOf = (s: { on: string; vessels: number } | null) => s && { on: s.on, vessels: s.vessels }

function changesOf(
  state: RoomState,
  readings: ReturnType<typeof readRoom>,
  kept: KeptPlan,
  p: CulturePlan,
): NonNullable<z.input<typeof output>['whatChanged']> {
  const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  const facts = factChanges(kept.facts, planFacts(state, readings))
  return planDifference(left, p.starts, facts, kept.refused).map(c => ({
    kind: c.kind,
    food: (c.is ?? c.was)!.food,
    was: lineOf(c.was),
    is: lineOf(c.is),
    because: c.because.map(f => ('name' in f ? `${f.kind} ${f.name}` : f.kind)),
  }))
}

/** Broods are named by their ids. */
export async function run({
  room,
  from,
  days,
  certainty,
  seed,
  minutesPerRound,
}: z.output<typeof input>): Promise<z.input<typeof output>> {
  const zone = room.records.find(r => r.type === 'room')!
  const first = instantOf(from, zone.rounds[0]!.at, zone.timeZone)
  const last = room.entries.reduce((at, e) => (e.at > at ? e.at : at), first)
  const known = roundStateOf(room, last)
  const state = minutesPerRound === undefined ? known : withMinutes(known, minutesPerRound)
  const left = days - daysBetween(from, state.today)
  if (left < 1) {
    const clash = `The horizon lies in the past: the log knows ${state.today} already. Plan from then on, or further.`
    return {
      status: 'infeasible',
      objective: null,
      gap: null,
      clash,
      starts: [],
      hatches: [],
      takes: [],
      cover: [],
      lastStarts: [],
      gaps: [],
      days: [],
      vessels: 0,
      orders: [],
      feeds: [],
      picture: { days: 0, mouths: [], lanes: [] },
    }
  }
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const readings = readRoom(state)
  const p = answerPlan(
    state,
    readings,
    { seed, days: left, certainty, pins: [], onlyPinned: false, whatIf: NOTHING_ELSE },
    solver,
  )
  const kept = keptPlan(state.entries)
  const finite = (x: number) => (Number.isFinite(x) ? x : null)
  return {
    status: p.status,
    objective: finite(p.objective),
    gap: finite(p.gap),
    clash: p.clash,
    days: p.labourDays,
    vessels: p.starts.reduce((n, s) => n + s.vessels, 0),
    orders: ordersOf(p),
    feeds: p.feeds.map(({ culture, food, litres, from: source }) => ({
      culture,
      food,
      litres,
      from: source,
    })),
    picture: aheadPicture(p, state, readings, p.starts.map(asHeld), p.days),
    ...(kept ? { whatChanged: changesOf(state, readings, kept.plan, p) } : {}),
    starts: p.starts.map(s => ({
      food: s.food,
      method: s.method,
      on: s.on,
      vessels: s.vessels,
      vessel: s.vessel,
      litres: s.litres,
      orderBy: s.orderBy,
      brood: s.forBrood,
      neededOn: s.neededOn,
      readyBy: s.readyBy,
      failure: s.chances.failure,
      readyDays: s.chances.readyDays,
      why: s.why.rule,
    })),
    hatches: p.hatches.map(h => ({
      vessel: h.vessel,
      start: h.startAt,
      pulls: h.pullsAt,
      cystsG: h.cystsG,
      nauplii: h.nauplii,
    })),
    takes: p.takes,
    cover: p.cover.map(c => ({
      brood: c.brood,
      day: c.day,
      need: 1,
      planned: c.planned,
      probability: c.probability,
    })),
    lastStarts: p.lastStarts.map(({ brood, food, on, neededOn }) => ({
      brood,
      food,
      on,
      neededOn,
    })),
    gaps: p.gaps.map(g => ({
      brood: g.brood,
      from: g.from,
      to: g.to,
      share: g.share,
      ways: g.ways.map(({ kind, food, helpsFrom, closes, likely, cost }) => ({
        kind,
        food,
        helpsFrom,
        closes,
        likely,
        cost,
      })),
    })),
  }
}
