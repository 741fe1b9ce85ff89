import * as z from 'zod'
import highsLoader from 'highs'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { CERTAINTY, HORIZON } from '@renatus/core/planning/plan/request'
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
})

const chance = z.number().min(0).max(1)
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
  objective: z.number().nullable(),
  gap: z.number().nullable(),
  clash: z.string().nullable(),
})

/** Broods are named by their ids. */
export async function run({
  room,
  from,
  days,
  certainty,
  seed,
}: z.output<typeof input>): Promise<z.input<typeof output>> {
  const zone = room.records.find(r => r.type === 'room')!
  const first = instantOf(from, zone.rounds[0]!.at, zone.timeZone)
  const last = room.entries.reduce((at, e) => (e.at > at ? e.at : at), first)
  const state = roundStateOf(room, last)
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
    }
  }
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const p = answerPlan(
    state,
    readRoom(state),
    { seed, days: left, certainty, pins: [], onlyPinned: false, whatIf: NOTHING_ELSE },
    solver,
  )
  const finite = (x: number) => (Number.isFinite(x) ? x : null)
  return {
    status: p.status,
    objective: finite(p.objective),
    gap: finite(p.gap),
    clash: p.clash,
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
