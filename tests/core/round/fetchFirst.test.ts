import { describe, expect, it } from 'vitest'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { dayLine } from '@renatus/core/round/dayLine'
import { fetchFirst } from '@renatus/core/round/fetchFirst'
import { buildRound, roundState } from '@renatus/core/round/round'
import { thingText } from '@renatus/core/round/thing'
import { demoAt } from '../../../tools/rooms/demoAt'

const NOW = '2026-03-24T05:34:00Z'
const demo = demoAt(NOW, 'Europe/Berlin')
const state = roundState(demo.records, demo.entries, NOW)!
const round = buildRound(state, readRoom(state))

describe('what a round takes', () => {
  it('names each thing once, amounts of a thing in one sum, and of what measures the largest', () => {
    const things = fetchFirst(round.stops, state)
    expect(new Set(things.map(t => t.id)).size).toBe(things.length)
    const vessels = round.stops.filter(s => s.kind === 'vessel')
    const drawn = vessels.flatMap(s => [...s.draws, ...s.others])
    const pulls = round.stops.filter(s => s.kind === 'harvest').length
    const cup = things.find(t => t.id === 'cup')!
    expect(cup.amount!.value).toBe(drawn.length + pulls)
    const poured = round.stops.flatMap((s): { amount: { value: number; unit: string } }[] => {
      if (s.kind === 'tank') return [...s.draws]
      return s.kind === 'vessel' ? [...s.draws, ...s.others] : []
    })
    const inMl = poured.filter(d => d.amount.unit === 'mL').map(d => d.amount.value)
    for (const id of ['syringe', 'jug']) {
      const fits = inMl.filter(ml => (id === 'syringe' ? ml <= 60 : ml > 60))
      const thing = things.find(t => t.id === id)
      expect(thing?.amount?.value).toBe(fits.length ? Math.max(...fits) : undefined)
    }
    for (const hatch of round.stops.filter(s => s.kind === 'hatch'))
      expect(things.find(t => t.what.includes('cysts'))!.amount!.value).toBeGreaterThanOrEqual(
        hatch.planned.cystsG,
      )
    for (const t of things) expect(thingText(t, 'metric')).not.toMatch(/undefined|NaN|\b1 cups\b/)
  })
})

describe('the line of the day', () => {
  it('runs from this round in order of time to the first of tomorrow, and names each thing once', () => {
    const marks = dayLine(round, state, NOW)
    const timed = marks.filter(m => m.at !== null)
    expect(timed[0]).toMatchObject({ kind: 'now', text: round.current.name })
    const after = timed.slice(1).map(m => m.at!)
    expect(after).toEqual([...after].sort())
    expect(after.every(at => at > NOW)).toBe(true)
    expect(timed.at(-1)).toMatchObject({ kind: 'round' })
    expect(timed.at(-1)!.at!.slice(0, 10)).toBe('2026-03-25')
    expect(new Set(marks.map(m => m.key)).size).toBe(marks.length)
    const rounds = timed.filter(m => m.kind === 'round')
    expect(rounds.some(m => m.lines.length > 0)).toBe(true)
  })
})
