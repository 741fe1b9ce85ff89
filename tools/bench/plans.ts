import highsLoader from 'highs'
import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord } from '@renatus/core/records/records'
import { running } from '@renatus/core/stock/cultures'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { addDays } from '@renatus/core/time/localDate'
import { demoAt } from '../rooms/demoAt'

const NOW = '2026-03-24T05:34:00.000Z'
const TODAY = '2026-03-24'
/** A day counts as covered from this certainty on. */
const COVERED = 0.9

function tell(name: string, plan: CulturePlan, seconds: number): void {
  const vessels = plan.starts.reduce((n, s) => n + s.vessels, 0)
  const orders = new Set(plan.starts.filter(s => s.orderBy !== null).map(s => s.food)).size
  const covered = plan.cover.filter(c => c.probability >= COVERED).length
  const share = ((100 * covered) / Math.max(1, plan.cover.length)).toFixed(0)
  console.log(
    `plan of ${name}`.padEnd(44),
    `${seconds.toFixed(1)} s   ${vessels} vessels in ${plan.starts.length} starts, ${orders} orders, gaps: ${plan.gaps.length}; ${share} % of brood-days covered with 90 % and more${plan.takesUp.length > 0 ? `; takes up ${plan.takesUp.join(', ')}` : ''}`,
  )
}

/** An empty room with a cone and a tin; gouramis are hoped for, gudgeons swim free tomorrow. */
function newcomer(): RoomState {
  let n = 0
  const id = () => makeId(5_000_000 + n++, new Uint8Array(10))
  const base = () => ({ id: id(), updatedAt: NOW, removedAt: null })
  const tanks = [id(), id()]
  const records = [
    {
      ...base(),
      type: 'room',
      name: 'New',
      timeZone: 'Europe/Berlin',
      rounds: [
        { name: 'Morning', at: '06:30' },
        { name: 'Evening', at: '19:00' },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      foods: ['brine-shrimp'],
    },
    {
      ...base(),
      type: 'vessel',
      placeId: null,
      name: 'Cone',
      kind: 'cone',
      hatching: true,
      litres: 2,
      temperatureC: 26,
      lit: true,
    },
    {
      ...base(),
      type: 'lot',
      name: 'Tin',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: 100,
      price: 30,
      priceGrams: 100,
    },
    ...tanks.map((tank, i) => ({
      ...base(),
      id: tank,
      type: 'tank',
      placeId: null,
      name: `Tank ${i + 1}`,
      litres: 60,
      temperatureC: 26,
    })),
    {
      ...base(),
      type: 'brood',
      name: 'Gouramis',
      speciesId: 'pearl-gourami',
      tankId: tanks[0],
      anchor: { event: 'spawned', on: addDays(TODAY, 10), kind: 'expected', spreadDays: 3 },
      fry: 150,
      countedOn: TODAY,
    },
    {
      ...base(),
      type: 'brood',
      name: 'Gudgeons',
      speciesId: 'peacock-gudgeon',
      tankId: tanks[1],
      anchor: { event: 'free', on: addDays(TODAY, 1), kind: 'seen', spreadDays: 0 },
      fry: 60,
      countedOn: TODAY,
    },
  ].map(r => anyRecord.parse(r))
  return roomState(records, [], NOW)!
}

/** What a plan asks of people: in the demo room over its horizons, and in a newcomer's. */
export async function benchPlans(): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const ask = (
    name: string,
    state: RoomState,
    readings: Parameters<typeof answerPlan>[1],
    days: number,
  ) => {
    const from = performance.now()
    const plan = answerPlan(
      state,
      readings,
      { seed: 1, days, certainty: 0.95, pins: [], onlyPinned: false, whatIf: NOTHING_ELSE },
      solver,
    )
    tell(name, plan, (performance.now() - from) / 1000)
  }
  const demo = demoAt(NOW, 'Europe/Berlin')
  const state = roomState(demo.records, demo.entries, NOW)!
  const of = entriesByCulture(effectiveEntries(demo.entries))
  const more = { ahead: true, places: state.places }
  const readings = new Map(
    running(state.cultureStates).flatMap(c => {
      const read = readCulture(c.record, of(c.id), NOTHING_LEARNED, NOW, undefined, more)
      return read ? [[c.id, read.reading] as const] : []
    }),
  )
  // The first plan of all also pays for the solver and for the engine that learns its code.
  ask('the demo, 28 days, first of all', state, readings, 28)
  for (const days of [28, 42, 60, 90, 120]) ask(`the demo, ${days} days`, state, readings, days)
  ask('a newcomer, 60 days', newcomer(), new Map(), 60)
}
