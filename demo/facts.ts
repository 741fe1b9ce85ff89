import type { RoomFile } from '@renatus/core/formats/roomFile'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { buildProblem } from '@renatus/core/planning/plan/buildProblem'
import { WORTH_A_MEAL } from '@renatus/core/planning/reckoning/chooseFoods'
import { lastStarts } from '@renatus/core/planning/plan/lastStarts'
import { planRequest } from '@renatus/core/planning/plan/request'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import { buildRound, roundState } from '@renatus/core/round/round'
import { coverNow } from '@renatus/core/round/stops/cook/find'
import { roomState } from '@renatus/core/stock/roomState'
import {
  addDays,
  daysBetween,
  hoursBetween,
  localDateOf,
  type Instant,
} from '@renatus/core/time/localDate'
import { GEL_DAYS } from './gelShelf'
import { HISTORY_DAYS } from './netLoft'

/** What must be true of the demo room on any day it is opened; returns the facts that are not. */
export function brokenFacts(file: RoomFile, now: Instant): string[] {
  const { learned } = learnRoom(file.records, file.entries)!
  const state = roomState(file.records, file.entries, now, learned)
  const settled = roundState(file.records, file.entries, now, learned)
  if (!state || !settled) return ['there is a room']
  const today = localDateOf(now, state.room.timeZone)
  const expected = state.broods.find(b => b.stage !== 'feeding' && b.stage !== 'hoped')
  const hoped = state.broods.find(b => b.stage === 'hoped')
  // Whether a starter is at hand hangs on what is believed of the vessels of that food.
  const readings = readRoom({
    ...state,
    cultureStates: state.cultureStates.filter(c =>
      ['paramecium', 'infusoria'].includes(c.record.foodId),
    ),
  })
  const round = buildRound(settled, readings)
  const request = planRequest({ state, readings, days: 40 })
  const { problem, starts } = buildProblem(request, request.days)
  const last = lastStarts(problem, starts, request.from).filter(l => l.brood === hoped?.id)
  const firstShares = expected ? (broodLadder(expected, state.room, 0, 1)[0]?.share ?? {}) : {}
  const first = Object.keys(firstShares).filter(id => firstShares[id]! >= WORTH_A_MEAL)
  const running = state.hatches.filter(r => r.endedAt === null)
  const facts: [string, boolean][] = [
    [
      'a brood is expected to swim free in some days',
      expected !== undefined && daysBetween(today, expected.freeOn) >= 1,
    ],
    [
      'a first food of it stands here already',
      state.cultureStates.some(c => c.ended === null && first.includes(c.record.foodId)),
    ],
    [
      'a first food of the hoped spawn must be started or ordered by tomorrow',
      last.some(l => l.on >= today && l.on <= addDays(today, 1)),
    ],
    ['a hatch runs', running.some(r => hoursBetween(r.startedAt, now) >= 0)],
    [
      'six broods of five species, one of them hoped for',
      new Set(state.broods.map(b => b.species?.id)).size === 5 &&
        state.broods.length === 6 &&
        state.broods.some(b => b.stage === 'hoped'),
    ],
    [
      'one is marine and lives on rotifers',
      state.broods.some(
        b =>
          b.species?.marine && (broodLadder(b, state.room, b.day, 1)[0]?.share.rotifer ?? 0) > 0.5,
      ),
    ],
    [
      'nobody starves today',
      state.broods.every(b => !broodLadder(b, state.room, b.day, 1)[0]?.gap),
    ],
    [
      'growth was measured and corrected',
      state.broods.some(b => b.growth.lengths >= 2 && Math.abs(b.growth.factor - 1) > 0.02),
    ],
    ['bellies were looked at', state.broods.filter(b => b.gape.looks > 0).length >= 2],
    ['there is something to do at this round', round.stops.length > 0],
    [
      'the log goes back eight weeks',
      state.entries.length > 200 &&
        hoursBetween(state.entries[0]!.at, now) > (HISTORY_DAYS - 3) * 24,
    ],
    [
      'the lot has learned from counts',
      state.lots.some(l => l.state.counts >= 3 && l.state.gramsLeft > 5),
    ],
    ['a hatch failed once', state.hatches.some(r => r.pulls.some(p => p.seen === 'failed'))],
    ['a gel box has four days left', coverNow(state).some(c => c.days === GEL_DAYS)],
    ['nothing lies in the future', state.entries.every(e => e.at <= now)],
  ]
  return facts.filter(([, holds]) => !holds).map(([fact]) => fact)
}
