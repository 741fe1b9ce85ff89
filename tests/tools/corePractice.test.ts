import { describe, expect, it } from 'vitest'
import { call } from './call'

describe('practice without an interface', () => {
  it('practice: a scenario, a seed and a player, or decisions; nonsense is refused by name', async () => {
    const { out } = await call(['scenarios'])
    expect((out!.scenarios as unknown as unknown[]).length).toBeGreaterThanOrEqual(24)
    const ask = { scenario: 'larvae-bucket', seed: 0 }
    const played = (await call(['practice'], { ...ask, player: 'fixed' })).out!
    expect(played).toEqual((await call(['practice'], { ...ask, player: 'fixed' })).out)
    const { goal, fixed } = played.outcome as unknown as Record<string, number>
    expect(goal).toBe(fixed)
    const wrong = async (more: object) => (await call(['practice'], { ...ask, ...more })).error
    expect(await wrong({ scenario: 'nowhere', player: 'fixed' })).toMatchObject({
      path: 'scenario',
    })
    expect(await wrong({ decisions: [{ day: 20 }] })).toMatchObject({ path: 'decisions' })
    expect(await wrong({ decisions: [{ day: 1 }, { day: 1 }] })).toMatchObject({
      path: 'decisions',
    })
    expect(await wrong({})).toMatchObject({ path: 'player' })
  })
})
