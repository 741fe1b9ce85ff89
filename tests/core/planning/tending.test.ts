import { describe, expect, it } from 'vitest'
import {
  changeShare,
  feedAmount,
  feedInModel,
  splitShare,
  topUpMl,
} from '@renatus/core/planning/amounts'
import { compare } from './evaluate'
import {
  acidRefusal,
  bleachRefusal,
  feedRefusals,
  harvestRefusals,
  waterRefusals,
} from '@renatus/core/planning/refusals'
import { gainOf } from '@renatus/core/planning/gainOf'
import { starterFrom, starterRatio, usualStart } from '@renatus/core/planning/starter'
import { tending } from '@renatus/core/planning/tending'
import { foodOf } from '@renatus/core/foods/index'
import { cultureStates } from '@renatus/core/stock/cultures'
import { backupOf } from '@renatus/core/stock/lines'
import { cultureOf, tendedOf } from '../cultureRoom'
import { log, NAMED } from '../room'

const START = '2026-03-01T06:00:00Z'
const NOW = '2026-03-12T06:00:00.000Z'
const worm = cultureOf('microworm', START)
const moina = cultureOf('moina', START, { methodId: 'yeast' })

describe('amounts of tending', () => {
  it('every amount is what its reason computes', () => {
    for (const c of [
      worm,
      moina,
      cultureOf('green-water', START),
      cultureOf('vinegar-eel', START),
    ]) {
      const v = tendedOf(c, NOW)
      for (const a of [feedAmount(v), topUpMl(v), changeShare(v), splitShare(2)])
        if (a) compare(a.why, a.unit === 'each' ? a.why.result.value : a.value)
    }
  })
  it('a feed scales with the vessel, and one that was measured otherwise goes into the model in proportion', () => {
    const twice = tendedOf({ ...moina, litres: 20 as never }, NOW)
    expect(feedAmount(twice)!.value).toBeCloseTo(2 * feedAmount(tendedOf(moina, NOW))!.value, 9)
    const v = tendedOf(moina, NOW)
    expect(feedInModel(v, feedAmount(v)!.value / 2)).toEqual({
      amount: foodOf('moina')!.parameters.dose!.median / 2,
      unit: 'mgPerL',
    })
    expect(feedInModel(tendedOf(worm, NOW), 0.6)).toEqual({ amount: 2, unit: 'share' })
    expect(feedAmount(tendedOf(cultureOf('mosquito-larva', START), NOW))).toBeNull()
  })
  it('what was drawn is made up, and a starter counts the animals in it', () => {
    const drawn = [
      log('2026-03-11T18:00:00Z', 'culture.harvested', {
        cultureId: moina.id,
        seen: 'good',
        share: 0.2,
      }),
    ]
    expect(topUpMl(tendedOf(moina, NOW, drawn)).value).toBeCloseTo(2000, 6)
    const dried = topUpMl(tendedOf(moina, NOW)).value
    expect(dried).toBeGreaterThan(0)
    expect(dried).toBeLessThan(0.05 * 10_000)
    const food = foodOf('moina')!
    expect(
      starterRatio(food, food.methods[0]!, 10, usualStart(food, food.methods[0]!, 10) * 3),
    ).toBeCloseTo(3, 6)
    expect(
      starterRatio(foodOf('mosquito-larva')!, foodOf('mosquito-larva')!.methods[0]!, 10, 0),
    ).toBe(1)
    expect(starterFrom(600, 2, 1)).toBeCloseTo(1.2, 9)
  })
})

describe('what a culture wants', () => {
  const wants = (c: typeof worm, now: string, entries: ReturnType<typeof log>[] = []) => {
    const v = tendedOf(c, now, entries)
    return tending(v, backupOf([v.culture], c.id))
      .filter(w => w.at <= now)
      .map(w => w.kind)
  }
  it('ready and alone: split; never looked at: look; nothing of it on the first day', () => {
    expect(wants(worm, NOW)).toEqual(expect.arrayContaining(['look', 'split']))
    expect(wants(worm, '2026-03-01T07:00:00.000Z')).toEqual([])
    expect(
      wants(worm, NOW, [
        log('2026-03-12T05:00:00Z', 'culture.looked', {
          cultureId: worm.id,
          signs: { movers: 3, climbing: 3 },
        }),
      ]),
    ).not.toContain('look')
  })
  it('what is drawn from is fed before it thins, once in a week, for what that should give; what nobody draws from is left', () => {
    const old = '2026-03-15T06:00:00.000Z'
    const did = (at: string, kind: 'culture.harvested' | 'culture.did', data: object) =>
      log(at, kind, { cultureId: worm.id, ...data } as never)
    const drawn = ['2026-03-12', '2026-03-13', '2026-03-14'].map(d =>
      did(`${d}T06:00:00Z`, 'culture.harvested', { seen: 'good', share: 0.3 }),
    )
    const v = tendedOf(worm, old, drawn)
    const feed = tending(v, backupOf([v.culture], worm.id)).find(t => t.kind === 'feed')
    expect(feed!.at).toBe(old)
    expect(feed!.because).toBe(
      `Fed now it should give ${Math.round(100 * gainOf(v, 'feed'))} % more over the week.`,
    )
    const fed = did('2026-03-13T07:00:00Z', 'culture.did', {
      action: 'feed',
      amount: 0.3,
      unit: 'g',
    })
    expect(wants(worm, old)).not.toContain('feed')
    expect(wants(worm, old, [...drawn, fed])).not.toContain('feed')
  })
  it('asks to renew by age, and to end what is lost', () => {
    expect(wants(worm, '2026-03-26T06:00:00.000Z')).toContain('renew')
    const signs = { movers: 0, climbing: 0, smell: 3, film: 3, tint: 3 }
    const lost = ['2026-03-09', '2026-03-10', '2026-03-11'].map(d =>
      log(`${d}T06:00:00Z`, 'culture.looked', { cultureId: worm.id, signs }),
    )
    expect(wants(worm, NOW, lost)).toEqual(['end'])
  })
})

describe('what harms is refused', () => {
  const ids = (list: { id: string }[]) => list.map(r => r.id)
  it('cloudy infusoria to fry, and not once they have cleared', () => {
    const jar = cultureOf('infusoria', START)
    expect(ids(harvestRefusals(tendedOf(jar, '2026-03-02T18:00:00.000Z'), 0.1))).toEqual(['cloudy'])
    const clear = [
      log('2026-03-08T06:00:00Z', 'culture.looked', {
        cultureId: jar.id,
        signs: { cloudiness: 0, movers: 3, smell: 1 },
      }),
    ]
    expect(ids(harvestRefusals(tendedOf(jar, '2026-03-08T07:00:00.000Z', clear), 0.1))).toEqual([])
  })
  it('a mother, what stands apart, more than grows back; pupae', () => {
    const v = tendedOf({ ...worm, mother: true }, NOW, [
      log(START, 'culture.quarantined', { cultureId: worm.id, apart: true, reason: 'mites' }),
    ])
    expect(ids(harvestRefusals(v, 0.05))).toEqual(['mother', 'quarantine'])
    expect(ids(harvestRefusals(tendedOf(worm, NOW), 0.95))).toEqual(['too-much'])
    expect(
      ids(
        harvestRefusals(
          tendedOf(cultureOf('mosquito-larva', START, { temperatureC: 26 as never }), NOW),
          0.1,
        ),
      ),
    ).toContain('pupae')
  })
  it('food on food, fresh conditioner, bleach beside vinegar and within two hours of it', () => {
    const fed = tendedOf(moina, '2026-03-01T08:00:00.000Z')
    expect(
      ids(
        feedRefusals({
          ...fed,
          reading: { ...fed.reading, look: { ...fed.reading.look, cloudiness: 2 } },
        }),
      ),
    ).toEqual(['still-fed'])
    expect(
      ids(
        feedRefusals({
          ...fed,
          reading: { ...fed.reading, look: { ...fed.reading.look, cloudiness: 0 } },
        }),
      ),
    ).toEqual([])
    expect(ids(waterRefusals(fed, 'conditioned'))).toEqual(['fresh-conditioner'])
    expect(waterRefusals(fed, 'aged')).toEqual([])
    const eel = cultureOf('vinegar-eel', START, { placeId: NAMED.place! })
    const near = cultureOf('moina', START, { placeId: NAMED.place! })
    const far = cultureOf('moina', START)
    const states = cultureStates([eel, near, far], [])
    const of = (id: string) => states.find(s => s.id === id)!
    expect(bleachRefusal(of(eel.id), states, [], NOW)?.why).toContain('holds vinegar')
    expect(bleachRefusal(of(near.id), states, [], NOW)?.why).toContain('same place')
    expect(bleachRefusal(of(far.id), states, [], NOW)).toBeNull()
    const worked = log('2026-03-12T05:00:00Z', 'culture.harvested', {
      cultureId: eel.id,
      seen: 'good',
      share: 0.1,
    })
    expect(bleachRefusal(of(far.id), states, [worked], NOW)?.why).toContain('two hours')
    const bleached = log('2026-03-12T05:00:00Z', 'culture.ended', {
      cultureId: far.id,
      how: 'discarded',
      cleaner: 'bleach',
    })
    expect(acidRefusal(foodOf('vinegar-eel')!, [bleached], NOW)?.id).toBe('bleach-near-acid')
    expect(acidRefusal(foodOf('vinegar-eel')!, [bleached], '2026-03-12T08:00:00.000Z')).toBeNull()
    expect(acidRefusal(foodOf('moina')!, [bleached], NOW)).toBeNull()
  })
})
