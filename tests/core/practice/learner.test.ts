import { describe, expect, it } from 'vitest'
import { learnerStand } from '@renatus/core/practice/learner'
import {
  canGoOn,
  playedGame,
  PRACTICE_VERSION,
  type PlayedGame,
} from '@renatus/core/practice/playedGame'

const game = (n: number, more: Partial<PlayedGame> = {}): PlayedGame => ({
  id: `G${n}`,
  version: PRACTICE_VERSION,
  scenario: 'milky-or-clear',
  seed: n,
  learner: 'Ada',
  startedAt: `2026-03-${String(n).padStart(2, '0')}T19:00:00.000Z`,
  endedAt: `2026-03-${String(n).padStart(2, '0')}T19:10:00.000Z`,
  decisions: [],
  result: null,
  ...more,
})
const said = (pairs: readonly [saw: string, truth: string][]) => ({
  goal: 0.5,
  fixed: 0.5,
  advice: 0.8,
  sayings: pairs.map(([saw, truth]) => ({ saw, truth, sure: 4 }) as never),
})

describe('a learner', () => {
  it('begins with a look; what is confused comes back, and an interval holds the share', () => {
    const nothing = learnerStand([])
    expect(nothing.next).toMatchObject({ why: 'new', scenario: 'milky-or-clear' })
    expect(nothing.judgement).toBeNull()
    const mixed = said([
      ['ready', 'ready'],
      ['ready', 'building'],
      ['ready', 'building'],
      ['ready', 'building'],
      ['failing', 'failed'],
      ['ready', 'failing'],
    ])
    const stand = learnerStand([game(1, { result: mixed })])
    expect(stand.confusions[0]).toMatchObject({ truth: 'building', saw: 'ready', times: 3 })
    expect(stand.next).toMatchObject({ why: 'confused', scenario: 'milky-or-clear' })
    expect(stand.taken.flat().reduce((a, b) => a + b, 0)).toBe(6)
    expect(stand.taken[1]![2]).toBe(3)
    expect(stand.came).toEqual([{ said: 0.85, share: 1 / 6, from: 6 }])
    const stage = stand.skills.find(s => s.skill === 'stage')!
    expect(stage.share).toBeCloseTo(1 / 6, 9)
    expect(stage.low).toBeLessThan(stage.share)
    expect(stage.high).toBeGreaterThan(stage.share)
    // Trouble that is called trouble is seen, whichever of the two it is.
    expect(stand.skills.find(s => s.skill === 'trouble')).toMatchObject({ share: 0.5, from: 2 })
  })

  it('what was confused long ago fades; who is right is led to what was never tried, then to what is weakest', () => {
    const right = said([['ready', 'ready']])
    const wrong = said([
      ['ready', 'building'],
      ['ready', 'building'],
    ])
    const since = Array.from({ length: 12 }, (_, i) => game(i + 2, { result: right }))
    const stand = learnerStand([game(1, { result: wrong }), ...since])
    expect(stand.next.why).toBe('new')
    const jars = game(20, { scenario: 'oats-box', result: { ...right, goal: 0.2 } })
    const hands = game(21, { scenario: 'gel-tray', result: { ...right, goal: 0.8, sayings: [] } })
    const trouble = game(22, { result: said([['failed', 'failed']]) })
    const all = learnerStand([...since, jars, hands, trouble])
    expect(all.next).toMatchObject({ why: 'weakest' })
    expect(all.next.scenario).not.toBe('oats-box')
  })

  it('a game of an older version is read and not gone on with; nonsense is not read', () => {
    expect(canGoOn(game(1, { endedAt: null }))).toBe(true)
    expect(canGoOn(game(1, { endedAt: null, version: 0 }))).toBe(false)
    expect(canGoOn(game(1))).toBe(false)
    expect(playedGame.safeParse({ ...game(1), decisions: [{ day: -1 }] }).success).toBe(false)
    expect(playedGame.parse(JSON.parse(JSON.stringify(game(1))))).toEqual(game(1))
  })
})
