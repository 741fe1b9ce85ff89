import { describe, expect, it } from 'vitest'
import { carriedSalt } from '@renatus/core/water/carriedSalt'
import * as d from '@renatus/core/water/decapsulationCourse'
import { litres } from '@renatus/core/units/quantity'
import { nextSoda } from '@renatus/core/water/soda'

const NOW = '2026-03-17T06:00:00.000Z'
const at = (min: number) => new Date(Date.parse(NOW) + min * 60_000).toISOString()
const amounts = {
  ...{ lotId: 'lot', cystsG: 4, bleachMl: 22.7, waterMl: 33.3 },
  ...{ hydrateMl: 48, dipMl: 40, thiosulphateG: 0.04 },
}
const inBleach = () =>
  ['chill', 'cautions', 'bleach'].reduce(
    (c, _, i) => d.nextStep(c, at(60 + i)),
    d.beginDecapsulation(amounts, NOW),
  )

describe('a decapsulation', () => {
  it('goes step by step, with clocks that are instants, and survives being kept', () => {
    const begun = d.beginDecapsulation(amounts, NOW)
    expect(begun).toMatchObject({ step: 'hydrate', hydratedAt: at(60) })
    const bath = inBleach()
    expect(bath).toMatchObject({ step: 'bleach', bleachAt: at(62), colour: 'brown' })
    expect(d.decapsulationCourse.parse(JSON.parse(JSON.stringify(bath)))).toEqual(bath)
    const out = d.seeColour(bath, 'orange', at(68))
    expect(out).toMatchObject({ step: 'rinse', outAt: at(68), colour: 'orange' })
    const dip = d.nextStep(out, at(72))
    expect(dip).toMatchObject({ step: 'dip', dippedAt: at(77) })
    expect(d.nextStep(d.nextStep(dip, at(78)), at(79)).step).toBe('after')
    expect(d.bathOf(out)).toEqual({ minutes: 6, warmestC: null, killed: false })
  })

  it('says when to look, and when they must come out', () => {
    const clockAt = (min: number) => d.bathAdvice(inBleach(), at(62 + min)).clock
    expect([1, 3, 5, 15].map(clockAt)).toEqual(['wait', 'look', 'usual', 'latest'])
  })

  it('watches the warmth: ice, limit, lost', () => {
    const warmthAt = (c: number) => {
      const read = d.readBath(inBleach(), c, at(63))
      return [d.bathAdvice(read, at(63.5)).warmth, d.bathOf(read).killed]
    }
    expect([20, 30, 35, 40].map(warmthAt)).toEqual([
      ['cool', false],
      ['ice', false],
      ['limit', false],
      ['killed', true],
    ])
    const read = d.readBath(inBleach(), 20, at(63))
    expect([63.5, 64].map(min => d.bathAdvice(read, at(min)).readAgain)).toEqual([false, true])
    expect(d.bathAdvice(inBleach(), at(62)).warmth).toBe('unread')
  })

  it('can be stopped at any step, and says at which', () => {
    expect(d.stopDecapsulation(inBleach()).stoppedAt).toBe('bleach')
  })
})

describe('soda of a tested bottle', () => {
  it('by the proven dose first, then by half a gram, two grams on a litre at most', () => {
    const l = litres(2)
    expect(nextSoda(l, 8.1, 0)).toEqual({ kind: 'right' })
    expect(nextSoda(l, 7.2, 0)).toEqual({ kind: 'add', g: 1 })
    expect(nextSoda(l, 7.2, 0, 0.8)).toEqual({ kind: 'add', g: 1.6 })
    expect(nextSoda(l, 7.6, 1.6, 0.8)).toEqual({ kind: 'add', g: 1 })
    expect(nextSoda(l, 7.8, 3.5)).toEqual({ kind: 'add', g: 0.5 })
    expect(nextSoda(l, 7.8, 4)).toEqual({ kind: 'most' })
  })
})

describe('salt that goes in unrinsed', () => {
  it('brine g/L times mL over tank mL, against the water changed', () => {
    // 20 mL at 15 g/L a day into 10 L: 0.03 g/L; a tenth changed a day: settles at 0.3.
    expect(carriedSalt(15, 20, 10, 0.1)).toEqual({
      perDayGL: expect.closeTo(0.03, 9),
      standingGL: expect.closeTo(0.3, 9),
      level: 'none',
    })
    expect(carriedSalt(25, 50, 10, 0.5)).toMatchObject({ perDayGL: 0.125, level: 'note' })
    expect(carriedSalt(25, 50, 10, 0.1)).toMatchObject({ standingGL: 1.25, level: 'caution' })
    expect(carriedSalt(25, 1, 10, 0).level).toBe('caution')
    expect(carriedSalt(25, 0, 10, 0).level).toBe('none')
  })
})
