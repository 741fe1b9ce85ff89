import { describe, expect, it } from 'vitest'
import { readdirSync } from 'node:fs'
import { FAMILIES } from '@renatus/core/dynamics/index'
import { READINESS, SIGNS } from '@renatus/core/dynamics/contract'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import { materialOf } from '@renatus/core/foods/materials'
import type { MaterialId } from '@renatus/core/records/vocabulary'
import { HYGIENE, type Food, type FoodMethod } from '@renatus/core/foods/contract'
import { cultureParams, startCulture, runCulture } from '@renatus/core/foods/culture'
import { foods } from '@renatus/core/foods/index'
import { foodProfiles } from '@renatus/core/foods/profiles'
import { recipe } from '@renatus/core/foods/recipe'
import { simulate } from '@renatus/core/foods/simulate'

/** Every food and every method is walked; a new food is covered the day it is listed. */
const pairs = foods.flatMap(f => f.methods.map(m => [f.profile.id, m.id, f, m] as const))
const FILES = ['index.ts', 'methods.ts', 'parameters.ts', 'profile.ts', 'signs.ts']
const LEAST: Record<string, number> = {
  'brine-shrimp': 6,
  'infusoria': 5,
  'paramecium': 2,
  'vinegar-eel': 4,
  'microworm': 3,
  'banana-worm': 3,
  'walter-worm': 3,
  'grindal-worm': 3,
  'white-worm': 3,
  'moina': 6,
  'daphnia-pulex': 6,
  'daphnia-magna': 6,
  'green-water': 5,
  'marine-phytoplankton': 2,
  'rotifer': 2,
  'copepod': 2,
}

/** Fed out of the room itself: nobody buys it. */
const OF_THE_ROOM = new Set(['plant trimmings, dry weight'])

describe('foods', () => {
  it('one folder each, the same files, all of them listed', () => {
    const folders = readdirSync('core/foods', { withFileTypes: true })
      .filter(d => d.isDirectory())
      .map(d => d.name)
    expect(folders.sort()).toEqual(foods.map(f => f.profile.id).sort())
    for (const f of folders) expect(readdirSync(`core/foods/${f}`).sort(), f).toEqual(FILES)
    expect(foodProfiles.map(p => p.id)).toEqual(foods.map(f => f.profile.id))
    expect(foods.length).toBeGreaterThanOrEqual(19)
  })

  it.each(foods.map(f => [f.profile.id, f] as const))(
    '%s: parameters, sizes and signs are complete and in range',
    (id, f: Food) => {
      expect(f.methods.length).toBeGreaterThanOrEqual(LEAST[id] ?? 1)
      for (const [key, p] of Object.entries(f.parameters)) {
        expect(Number.isFinite(p.median) && p.median >= 0, key).toBe(true)
        expect(p.logSd >= 0 && p.logSd <= 0.6, key).toBe(true)
        expect(
          p.unit.length > 0 &&
            p.source.length > 3 &&
            ['high', 'medium', 'low'].includes(p.confidence),
          key,
        ).toBe(true)
      }
      if ('tOpt' in f.parameters && 'tMin' in f.parameters)
        expect(f.parameters.tOpt!.median).toBeGreaterThan(
          (f.parameters.tMin!.median + f.parameters.tMax!.median) / 2,
        )
      expect(
        f.reliability.failure > 0 && f.reliability.failure < 0.5 && f.reliability.readyLogSd > 0,
      ).toBe(true)
      expect(f.rangeC[0]).toBeLessThan(f.rangeC[1])
      expect(f.harvestSigns.map(s => s.id)).toEqual(['good', 'thin', 'failed'])
      for (const kind of f.kinds)
        for (const key of Object.keys(kind.parameters)) expect(f.parameters).toHaveProperty(key)
      const { lengthUm, criticalWidthUm, dryUg } = f.profile
      expect(Math.min(lengthUm, criticalWidthUm, dryUg)).toBeGreaterThan(0)
      expect(criticalWidthUm).toBeLessThanOrEqual(lengthUm)
    },
  )

  it.each(pairs)('%s, %s: a complete card', (_f, _m, food: Food, method: FoodMethod) => {
    for (const text of [
      method.about,
      method.vesselRule,
      method.airRule,
      method.waterRule,
      method.feedingRule,
      method.harvestRule,
      method.renewRule,
    ])
      expect(text.length).toBeGreaterThan(3)
    expect(
      method.materials.length *
        method.measures.length *
        method.start.length *
        method.harvest.length,
    ).toBeGreaterThan(0)
    expect(HYGIENE).toContain(method.hygiene)
    expect(method.leastStarterShare).toBeLessThanOrEqual(method.starterShare)
    expect(method.renewAfterDays).toBeGreaterThan(0)
    for (const key of [...Object.keys(method.factors), ...Object.keys(method.sets)])
      expect(food.parameters, key).toHaveProperty(key)
    for (const s of [...method.start, ...method.harvest])
      for (const c of s.cautions ?? [])
        expect(Object.values(CAUTIONS).map(x => x.id)).toContain(c.id)
    const r = recipe(food, method, 3, 'metric')
    expect(r.lines.every(l => l.amount > 0)).toBe(true)
    expect(r.warnings).toEqual([])
  })

  it.each(pairs)(
    '%s, %s: look() has words for every grade it shows, within its scale',
    (_f, _m, food, method) => {
      const { days } = simulate({
        food,
        method,
        setup: { volumeL: method.vessel.volumeL },
        temperature: () => (food.rangeC[0] + food.rangeC[1]) / 2,
        days: 60,
        actions: [],
        seed: 2,
        runs: 1,
      })
      for (const d of days) {
        for (const [sign, { grade, sd }] of Object.entries(d.look)) {
          expect(SIGNS).toContain(sign)
          const words = food.signs[sign as 'tint']
          expect(words, `${sign} has words`).toBeDefined()
          expect(grade).toBeGreaterThanOrEqual(0)
          expect(grade, sign).toBeLessThanOrEqual(words!.length - 1 + 1e-9)
          expect(sd).toBeGreaterThan(0)
        }
      }
    },
  )

  it('any two methods of a food differ in an amount or in what the model does', () => {
    for (const food of foods) {
      const prints = food.methods.map(m => {
        const c = startCulture(food, m, { volumeL: m.vessel.volumeL }, null)
        const course = [5, 20, 40].map((day, i) => {
          runCulture(c, (day - [0, 5, 20][i]!) * 24, () => 22, null)
          return c.family.stock(c.state, c.params).organisms.toPrecision(6)
        })
        return JSON.stringify([course, m.measures, cultureParams(food, m, undefined, null)])
      })
      expect(new Set(prints).size, food.profile.id).toBe(food.methods.length)
    }
  })

  it.each(pairs)('%s, %s: what is bought is kept', (_f, _m, _food: Food, method: FoodMethod) => {
    // Cysts are lots, a starter is ordered for its start: all else that is bought stands on the shelf of stores.
    const bought = method.measures.filter(m => m.buy && !m.starter && m.what !== 'cysts')
    for (const m of bought) {
      expect(Object.keys(m.takes ?? {}), m.what).not.toEqual([])
      for (const [of, each] of Object.entries(m.takes ?? {})) {
        expect(materialOf(of as MaterialId), m.what).toBeDefined()
        expect(each).toBeGreaterThan(0)
      }
    }
    const { feed } = method
    if (!feed || OF_THE_ROOM.has(feed.what)) return
    expect(feed.takes !== undefined || feed.foodId !== undefined, feed.what).toBe(true)
  })

  it('every caution stands where its hazard is', () => {
    const cautionsOf = (id: string, method?: string) =>
      new Set(
        foods
          .find(f => f.profile.id === id)!
          .methods.filter(m => !method || m.id === method)
          .flatMap(m => [...m.start, ...m.harvest])
          .flatMap(s => (s.cautions ?? []).map(c => c.id)),
      )
    const wanted: [string, string | undefined, string[]][] = [
      ['brine-shrimp', 'decapsulated', ['bleach', 'lye', 'dust', 'heat', 'mains']],
      ['brine-shrimp', undefined, ['dust', 'salt-water', 'mains', 'lamp', 'heat', 'cut', 'rotten']],
      ['infusoria', 'scalded-leaf', ['boiling', 'foul', 'wild', 'rotten', 'release', 'kitchen']],
      ['vinegar-eel', undefined, ['bleach', 'foul', 'release', 'kitchen', 'cut']],
      ['microworm', undefined, ['boiling', 'dust', 'release']],
      ['moina', undefined, ['copper', 'wild', 'foul', 'release']],
      ['daphnia-magna', undefined, ['copper', 'wild', 'foul', 'release']],
      ['green-water', undefined, ['copper', 'lamp', 'mains', 'release', 'wild']],
      ['marine-phytoplankton', undefined, ['bleach', 'copper', 'salt-water', 'mains', 'release']],
      ['rotifer', undefined, ['salt-water', 'release', 'mains']],
      ['mosquito-larva', undefined, ['mosquito', 'wild', 'release']],
      ['blackworm', undefined, ['release', 'copper']],
      ['grindal-worm', undefined, ['dust', 'release']],
    ]
    for (const [food, method, ids] of wanted)
      for (const id of ids) expect(cautionsOf(food, method), `${food} ${id}`).toContain(id)
    const used = new Set(foods.flatMap(f => [...cautionsOf(f.profile.id)]))
    expect([...used].sort()).toEqual(
      Object.values(CAUTIONS)
        .map(c => c.id)
        .sort(),
    )
    for (const c of Object.values(CAUTIONS))
      expect(c.text).toContain('Follow the label, your local rules')
  })

  it('the six families are there, each with a food, and every readiness is reached by some culture', () => {
    expect(new Set(foods.map(f => f.profile.family))).toEqual(new Set(Object.keys(FAMILIES)))
    const seen = new Set<string>()
    for (const food of foods) {
      const method = food.methods[0]!
      for (const seed of [1, 2, 3]) {
        const { days } = simulate({
          food,
          method,
          setup: { volumeL: method.vessel.volumeL },
          temperature: () => food.rangeC[1] - 3,
          days: 90,
          actions: seed === 2 ? [{ day: 20, kind: 'poison' }] : [],
          seed,
          runs: 1,
        })
        for (const d of days) seen.add(d.readiness)
      }
    }
    expect([...seen].sort()).toEqual([...READINESS].sort())
  })
})
