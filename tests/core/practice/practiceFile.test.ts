import { describe, expect, it } from 'vitest'
import { decision } from '@renatus/core/practice/decision'
import { PRACTICE_VERSION, type PlayedGame } from '@renatus/core/practice/playedGame'
import { newerGames, practiceText, readPracticeText } from '@renatus/core/practice/practiceFile'

const game = (id: string, more: Partial<PlayedGame> = {}): PlayedGame => ({
  id,
  version: PRACTICE_VERSION,
  scenario: 'oats-box',
  seed: 3,
  learner: 'Ada',
  startedAt: '2026-03-17T06:00:00.000Z',
  endedAt: null,
  decisions: [decision.parse({ day: 0, look: true })],
  result: null,
  ...more,
})
const result = { goal: 0.8, fixed: 0.7, advice: 0.9, sayings: [] }
const ended = { endedAt: '2026-03-17T07:00:00.000Z', result }

describe('practice as a file', () => {
  it('comes back as it went', () => {
    const games = [game('a'), game('b', ended)]
    expect(readPracticeText(practiceText(games))).toEqual({ games, unread: 0 })
    expect(readPracticeText('[]')).toEqual({ games: [], unread: 0 })
  })

  it('what is no practice is named; single ones that cannot be read are counted', () => {
    expect(readPracticeText('[{"id"')).toEqual({ problem: 'not-json' })
    for (const text of ['{}', '"x"', 'null', '[1]', '[{"id":"a"}]'])
      expect(readPracticeText(text), text).toEqual({ problem: 'not-practice' })
    const some = JSON.stringify([game('a'), { ...game('b'), seed: 'x' }])
    expect(readPracticeText(some)).toEqual({ games: [game('a')], unread: 1 })
  })

  it('brings what is new and what went further, and never undoes what is here', () => {
    const [begun, further] = [
      game('a'),
      game('a', { decisions: [1, 2].map(day => decision.parse({ day })) }),
    ]
    const over = game('a', ended)
    expect(newerGames([begun], [further, game('c')])).toEqual([further, game('c')])
    expect(newerGames([further], [begun])).toEqual([])
    expect(newerGames([further], [over])).toEqual([over])
    expect(newerGames([over], [further, over])).toEqual([])
  })
})
