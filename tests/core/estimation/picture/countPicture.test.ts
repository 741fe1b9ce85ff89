import { describe, expect, it } from 'vitest'
import { countPicture, tally } from '@renatus/core/estimation/picture/countPicture'
import { greyOf } from '@renatus/core/estimation/picture/picture'
import {
  FIELD_KINDS,
  renderField,
  type FieldKind,
} from '@renatus/core/estimation/picture/renderField'
import { randomStream } from '@renatus/core/math/random'

const animals = (r: ReturnType<typeof countPicture>) => (r.ok ? r.animals : -1)

describe('counting a picture', () => {
  it.each(Object.keys(FIELD_KINDS) as FieldKind[])(
    'fields of 5 to 200 %s: within 20 % in nine of ten, and the interval holds the truth as often',
    kind => {
      const fields = Array.from({ length: 24 }, (_, i) => renderField(1000 + i, kind))
      const counted = fields.map(f => ({ truth: f.truth, r: countPicture(f.picture) }))
      expect(
        counted.filter(({ truth, r }) => Math.abs(animals(r) / truth - 1) <= 0.2).length,
      ).toBeGreaterThanOrEqual(22)
      expect(
        counted.filter(({ truth, r }) => r.ok && truth >= r.low && truth <= r.high).length,
      ).toBeGreaterThanOrEqual(20)
      expect(Math.max(...fields.map(f => f.truth))).toBeGreaterThan(120)
      expect(Math.min(...fields.map(f => f.truth))).toBeLessThan(9)
    },
  )
  it('light animals on a dark ground count as dark ones on a light one', () => {
    const { picture } = renderField(7, 'nauplii', 40)
    const negative = { ...picture, data: picture.data.map(v => 255 - v) }
    expect(
      Math.abs(animals(countPicture(negative)) - animals(countPicture(picture))),
    ).toBeLessThanOrEqual(2)
  })
  it('animals that touch are split by area', () => {
    const few = renderField(3, 'nauplii', 60, 400, 300)
    const r = countPicture(few.picture)
    expect(r.ok && r.spots.some(s => s.animals > 1)).toBe(true)
    expect(Math.abs(animals(r) / 60 - 1)).toBeLessThan(0.2)
    expect(tally([{ animals: 4 }]).high - tally([{ animals: 4 }]).low).toBeGreaterThan(
      tally([{ animals: 1 }, { animals: 1 }, { animals: 1 }, { animals: 1 }]).high - 4,
    )
  })
  it('a blank, a tiny and a full picture are told from a count of none', () => {
    const chance = randomStream(1)
    const flat = (value: () => number) => ({
      width: 300,
      height: 200,
      data: Uint8Array.from({ length: 60_000 }, value),
    })
    expect(countPicture(flat(() => 255))).toEqual({ ok: false, why: 'blank' })
    expect(countPicture(flat(() => chance.normal(128, 4)))).toEqual({ ok: false, why: 'blank' })
    expect(countPicture({ width: 10, height: 10, data: new Uint8Array(100) })).toEqual({
      ok: false,
      why: 'too-small',
    })
    for (const n of [180, 250, 500])
      expect(countPicture(renderField(5, 'daphnids', n, 500, 400).picture)).toMatchObject({
        ok: false,
        why: 'crowded',
      })
  })
  it('grey is what the eye takes for bright', () => {
    expect([
      ...greyOf(2, 1, Uint8ClampedArray.from([0, 255, 0, 255, 0, 0, 255, 255])).data,
    ]).toEqual([149, 29])
  })
})
