import { expect, it } from 'vitest'
import { buildProblem } from '@renatus/core/planning/plan/buildProblem'
import { DOUBT, fatesOf } from '@renatus/core/planning/plan/fates'
import { sdOfLogs } from '@renatus/core/planning/plan/startables'
import type { FoodLearned } from '@renatus/core/stock/learned'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { smallRoom } from './small'

const DAYS = 40
const room = (learned = NOTHING_LEARNED) => {
  const r = smallRoom({ foods: ['infusoria', 'vinegar-eel', 'moina'] })
  const asked = { ...r, state: { ...r.state, learned } }
  const built = buildProblem(asked, DAYS)
  return { built, fates: fatesOf(asked, built, DAYS) }
}

it('days to ready spread as the book has them over rooms: courses, the pace of the room, and the rest', () => {
  const { built, fates } = room()
  expect(built.starts.length).toBeGreaterThan(2)
  for (const s of built.starts) {
    const courses = sdOfLogs(s.courses.readyDays)
    const whole = Math.hypot(courses, DOUBT.pace, fates.starts[s.id]!.lagLogSd)
    const atLeast = Math.hypot(courses, DOUBT.pace)
    expect(whole, s.id).toBeCloseTo(Math.max(atLeast, s.reliability.readyLogSd), 9)
  }
})

it('what the room has taught narrows what it may be off by, but for its appetites', () => {
  const taught = { value: 1, low: 0.8, high: 1.2, from: 18, book: 1 }
  const of = { growth: taught, lag: null, capacity: null, failure: taught, priors: {} }
  const foods: Record<string, FoodLearned> = { infusoria: of }
  const { doubt } = room({ ...NOTHING_LEARNED, foods }).fates
  expect(doubt.pace).toBeCloseTo(DOUBT.pace / 2, 9)
  expect(doubt.failures).toBeCloseTo(DOUBT.failures / 2, 9)
  expect(doubt.appetite).toBe(DOUBT.appetite)
})
