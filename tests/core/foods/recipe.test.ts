import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { copyCulture, runCulture, startCulture } from '@renatus/core/foods/culture'
import { densityAfter, dewater, takeToday, volumeForMl } from '@renatus/core/foods/harvest'
import { breach, lineageOf } from '@renatus/core/foods/lineage'
import { mostVessels, recipe, splitStarter } from '@renatus/core/foods/recipe'

const food = (id: string) => foodOf(id)!
const method = (id: string, m: string) => food(id).methods.find(x => x.id === m)!

describe('recipes', () => {
  it('scale to the vessel, in grams and in the spoons at hand, and list what must be bought', () => {
    const r = recipe(food('brine-shrimp'), method('brine-shrimp', 'one-pull'), 2, 'us')
    expect(r.lines.map(l => [l.what, l.amount])).toEqual([
      ['water', 2000],
      ['salt', 50],
      ['cysts', 4],
    ])
    expect(r.lines[1]!.spoons!.length).toBeGreaterThan(0)
    expect(r.shopping.map(l => l.what)).toEqual(['salt', 'cysts'])
    const double = recipe(food('vinegar-eel'), method('vinegar-eel', 'neck'), 3, 'metric')
    expect(double.lines.find(l => l.what === 'cider vinegar')!.amount).toBe(1200)
    expect(double.starterMl).toBeCloseTo(600, 6)
    expect(
      recipe(food('paramecium'), method('paramecium', 'boiled-grain'), 0.13, 'metric').lines.find(
        l => l.unit === 'each',
      )!.amount,
    ).toBe(3)
  })
  it('warn of a starter too small, a vessel of 0 L and matter too thin', () => {
    expect(
      recipe(food('vinegar-eel'), method('vinegar-eel', 'neck'), 2, 'metric', 20).warnings,
    ).toMatchObject([{ code: 'starter-too-small', leastShare: 0.02 }])
    expect(
      recipe(food('moina'), method('moina', 'yeast'), 0, 'metric').warnings.map(w => w.code),
    ).toContain('no-vessel')
    const thin = {
      ...method('infusoria', 'scalded-leaf'),
      vessel: { ...method('infusoria', 'scalded-leaf').vessel, matterGPerL: 0.2 },
    }
    expect(recipe(food('infusoria'), thin, 1, 'metric').warnings).toMatchObject([
      { code: 'matter-too-thin', leastGPerL: 0.3 },
    ])
  })
  it('divide a starter by volume, and say how many vessels it can seed', () => {
    const m = method('vinegar-eel', 'neck')
    expect(splitStarter(m, 300, [1, 2])).toEqual([
      { ml: 100, enough: true },
      { ml: 200, enough: true },
    ])
    expect(splitStarter(m, 30, [1, 2]).every(x => !x.enough)).toBe(true)
    expect(mostVessels(m, 100, 1)).toBe(5)
  })
})

describe('harvest arithmetic', () => {
  const grown = (days: number) => {
    const k = startCulture(
      food('moina'),
      { ...method('moina', 'green-water') },
      { volumeL: 10 },
      null,
    )
    runCulture(k, days * 24, () => 26, null)
    return k
  }
  it('what is taken today is back by the date, a little more would not be', () => {
    const k = grown(13)
    const before = k.family.stock(k.state, k.params).organisms
    const take = takeToday(k, 3, () => 26)
    expect(take.share).toBeGreaterThan(0.02)
    expect(take.volumeMl).toBeCloseTo(take.share * 10_000, 6)
    const after = (share: number) => {
      const c = copyCulture(k)
      c.family.act(c.state, c.params, { kind: 'takeOut', amount: share, unit: 'share' })
      runCulture(c, 72, () => 26, null)
      return c.family.stock(c.state, c.params).organisms
    }
    expect(after(take.share)).toBeGreaterThanOrEqual(before * 0.999)
    if (take.share < 1 / 3 - 1e-6) expect(after(take.share + 0.03)).toBeLessThan(before)
    // Asking left the culture as it was.
    expect(k.family.stock(k.state, k.params).organisms).toBe(before)
    expect(takeToday(k, 6, () => 26).share).toBeGreaterThanOrEqual(take.share)
  })
  it('volumes, sieving and what is left', () => {
    expect(volumeForMl(3000, 2)).toBe(1500)
    expect(volumeForMl(3000, 0)).toBe(Infinity)
    expect(dewater(1000, 2, 50)).toEqual({ organisms: 1900, perMl: 38, thickening: 20 })
    expect(densityAfter(100, 250, 1000)).toBe(75)
  })
})

describe('lineage', () => {
  it('counts generations from a purchase, and a line that lost its cleanliness does not get it back', () => {
    const bought = lineageOf({ kind: 'bought' })
    const mother = lineageOf({ kind: 'mother', parent: bought })
    expect([bought.generation, mother.generation, mother.clean]).toEqual([0, 1, true])
    const dirty = breach(breach(mother, 'shared-tool'), 'shared-tool')
    const child = lineageOf({ kind: 'cultures', parents: [bought, dirty] })
    expect(child).toEqual({ generation: 2, clean: false, broken: ['shared-tool'] })
    expect(lineageOf({ kind: 'wild' })).toMatchObject({ clean: false, broken: ['wild-starter'] })
  })
})
