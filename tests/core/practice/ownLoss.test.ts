import { describe, expect, it } from 'vitest'
import type { Sign } from '@renatus/core/dynamics/contract'
import { estimate } from '@renatus/core/estimation/estimate'
import type { Observation } from '@renatus/core/estimation/observation'
import { replay } from '@renatus/core/estimation/replay'
import type { Subject } from '@renatus/core/estimation/subject'
import { foodOf } from '@renatus/core/foods/index'
import { beliefOf } from '@renatus/core/practice/belief'
import { decision } from '@renatus/core/practice/decision'
import { startGame } from '@renatus/core/practice/game'
import { hoursOf } from '@renatus/core/practice/gameState'
import { lossScenario, ownLoss, ownLossOf, type OwnLoss } from '@renatus/core/practice/ownLoss'
import { practise } from '@renatus/core/practice/practise'
import { scenarioFor } from '@renatus/core/practice/scenarioFor'
import { drawTakenOver, keepTakenOver } from '@renatus/core/practice/takenOver'
import { tellingSign } from '@renatus/core/practice/tellingSign'

const subjectOf = (foodId: string, methodId: string, temperatureC: number): Subject => {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  return { food, method, setup: { volumeL: method.vessel.volumeL }, temperatureC, seed: 7 }
}
const look = (day: number, signs: Partial<Record<Sign, number>>): Observation => ({
  h: day * 24 + 8,
  kind: 'look',
  signs,
})
const take = (day: number): Observation => ({
  h: day * 24 + 9,
  kind: 'action',
  action: { kind: 'takeOut', amount: 0.1, unit: 'share' },
})
/** Vessels of which some things were seen and done, and which were lost in the end. */
const LOST: [subject: Subject, seen: Observation[], lostD: number][] = [
  [
    subjectOf('microworm', 'oats', 22),
    [look(5, { movers: 2, climbing: 2 }), take(6), look(9, { movers: 3 }), take(9), take(12)],
    20,
  ],
  [
    subjectOf('moina', 'yeast-and-spirulina', 24),
    [look(6, { movers: 2, cloudiness: 1 }), take(12), look(14, { movers: 2 }), take(14)],
    24,
  ],
  [subjectOf('infusoria', 'scalded-leaf', 22), [look(4, { cloudiness: 3 }), take(12)], 21],
]
const lossOf = ([subject, seen, lostD]: (typeof LOST)[number]) =>
  ownLossOf('Clear 1', subject, seen, lostD * 24, 'contaminated')

describe('a loss of the own room as an exercise', () => {
  it.each(LOST.map(l => [l[0].food.profile.id, l] as const))(
    '%s stands as it was to be believed a week before',
    (_id, lost) => {
      const own = lossOf(lost)
      const [subject, seen, lostD] = lost
      expect(own.ageD).toBe(lostD - 7)
      const g = startGame(lossScenario(own), 3)
      const v = g.vessels[0]!
      expect(hoursOf(g, v)).toBe(own.ageD * 24)
      const mine = beliefOf(g, v, new Map())!.reading.estimate
      const before = seen.filter(o => o.h < own.ageD * 24)
      const real = estimate(subject, before, own.ageD * 24).estimate
      expect(Math.abs(Math.log(mine.organisms.p50 / real.organisms.p50))).toBeLessThan(Math.log(2))
      for (const r of ['ready', 'failed'] as const)
        expect(Math.abs(mine.readiness[r] - real.readiness[r]), r).toBeLessThan(0.25)
    },
  )

  it('outlives being kept in a file, goes the same way again, and is another for another seed', () => {
    const own = lossOf(LOST[0]!)
    const kept = ownLoss.parse(JSON.parse(JSON.stringify(own)) as OwnLoss)
    expect(kept).toEqual(own)
    const given = [decision.parse({ day: 4, look: true, act: 'split', saw: 'ready', sure: 4 })]
    const account = practise(lossScenario(kept), 5, given)
    expect(practise(lossScenario(own), 5, given)).toEqual(account)
    const organisms = (seed: number) => {
      const { state, params, family } = startGame(lossScenario(own), seed).vessels[0]!.culture!
      return family.stock(state, params).organisms
    }
    expect(organisms(1)).not.toBe(organisms(2))
    expect(account.course[0]!.day).toBe(0)
  })

  it('drawn elsewhere and handed over it is the same vessel', () => {
    const kept = lossOf(LOST[1]!)
    const own = structuredClone(kept)
    keepTakenOver(lossScenario(own), 5, structuredClone(drawTakenOver(lossScenario(own), 5)))
    const [mine, theirs] = [own, kept].map(o => startGame(lossScenario(o), 5).vessels[0]!)
    expect(mine!.culture).toEqual(theirs!.culture)
    // Another seed is another vessel, whatever was handed over.
    const other = startGame(lossScenario(own), 6).vessels[0]!
    expect(other.culture!.state).not.toEqual(mine!.culture!.state)
  })

  it('what was lost young begins with its start; a game without a loss plays what it names', () => {
    const [subject] = LOST[2]!
    const own = ownLossOf('Clear 1', subject, [look(1, { film: 3 })], 3 * 24, 'overfed')
    expect([own.ageD, own.seen]).toEqual([0, []])
    expect(
      hoursOf(startGame(lossScenario(own), 1), startGame(lossScenario(own), 1).vessels[0]!),
    ).toBe(0)
    expect(scenarioFor({ scenario: 'own-loss', own })?.name).toBe('Clear 1, before it was lost')
    expect(scenarioFor({ scenario: 'leaf-jar' })?.id).toBe('leaf-jar')
    expect(scenarioFor({ scenario: 'not-here' })).toBeNull()
  })
})

describe('the sign that would have told', () => {
  it('is one of those of the food, whichever way it is asked, and none where nothing is told apart', () => {
    const [subject] = LOST[2]!
    const { cloud } = replay(subject, [], 6 * 24)
    const told = tellingSign(cloud, 'building', 'ready')
    expect(Object.keys(subject.food.signs)).toContain(told)
    expect(tellingSign(cloud, 'ready', 'building')).toBe(told)
    expect(tellingSign(cloud, 'ready', 'ready')).toBeNull()
    // On its first day it can be nothing else than building.
    expect(tellingSign(replay(subject, [], 1).cloud, 'ready', 'building')).toBeNull()
  })
})
