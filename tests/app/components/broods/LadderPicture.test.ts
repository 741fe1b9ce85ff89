import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { broodSheet, type Sheet } from '@renatus/core/fry/broodSheet'
import { SPECIES } from '@renatus/core/fry/species/index'
import { NO_WISHES } from '@renatus/core/fry/wishes'
import LadderPicture from '~/components/broods/LadderPicture.vue'
import { patternOf } from '~/components/broods/foodPattern'

const sheet = (foods: string[], more: { gape?: number } = {}): Sheet =>
  broodSheet({
    id: 'x',
    species: SPECIES.find(s => s.id === 'small')!,
    growth: { factor: 1, sd: 0.25 },
    gape: { factor: more.gape ?? 1, sd: 0.15 },
    temperatures: [26],
    fry: [100],
    tankL: 20,
    mealsPerDay: 3,
    wishes: NO_WISHES,
    foods,
    preySize: {},
    from: 0,
    days: 36,
    today: 4,
  })
const picture = (s: Sheet, other: Sheet | null = null) =>
  mount(LadderPicture, { props: { sheet: s, today: 4, other } })

describe('the ladder picture', () => {
  it('names every food with its width, in words and in the label for those who hear it', () => {
    const p = picture(sheet(['vinegar-eel', 'brine-shrimp']))
    expect(p.text()).toContain('Vinegar eels 0.028 mm')
    expect(p.text()).toContain('Brine shrimp nauplii 0.18 mm')
    expect(p.get('svg[role="img"]').attributes('aria-label')).toMatch(
      /vinegar eels from day 0 to \d+, brine shrimp nauplii from day \d+/,
    )
    expect(p.text()).toContain('today, day 4')
    expect(p.text()).toContain('days after free swimming')
    expect(p.text()).toContain('width, mm')
  })
  it('tells foods apart by pattern, and says where nothing fits', () => {
    expect(
      new Set(
        ['vinegar-eel', 'brine-shrimp', 'moina', 'infusoria', 'green-water', 'gel'].map(patternOf),
      ).size,
    ).toBe(6)
    const gap = picture(sheet(['brine-shrimp']))
    expect(gap.text()).toContain('nothing fits')
    expect(gap.get('svg[role="img"]').attributes('aria-label')).toContain('nothing fits from day 0')
    expect(picture(sheet(['infusoria', 'vinegar-eel', 'brine-shrimp'])).text()).not.toContain(
      'nothing fits',
    )
  })
  it('draws the what-if as a second, dashed mouth', () => {
    const foods = ['vinegar-eel', 'brine-shrimp']
    expect(picture(sheet(foods)).findAll('path[stroke="var(--plan)"]')).toHaveLength(0)
    expect(
      picture(sheet(foods), sheet(foods, { gape: 1.2 })).findAll('path[stroke="var(--plan)"]'),
    ).toHaveLength(1)
  })
  it('the shares of every day fill the strip and no more', () => {
    const p = picture(sheet(['infusoria', 'vinegar-eel', 'microworm', 'brine-shrimp']))
    const byDay = new Map<string, number>()
    for (const rect of p.findAll('rect').filter(r => r.find('title').exists()))
      byDay.set(
        rect.attributes('x')!,
        (byDay.get(rect.attributes('x')!) ?? 0) + Number(rect.attributes('height')),
      )
    expect(byDay.size).toBe(35)
    for (const height of byDay.values()) expect(height).toBeCloseTo(74, 0)
  })
})
