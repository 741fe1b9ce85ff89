import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sharedOut } from '~/engine/sharedOut'

const ids = (minLength: number) =>
  fc.uniqueArray(fc.string({ minLength: 4, maxLength: 12 }), { minLength, maxLength: 60 })

describe('what several readers read', () => {
  it('is each culture once', () => {
    fc.assert(
      fc.property(ids(0), fc.integer({ min: 1, max: 4 }), (all, readers) => {
        expect(sharedOut(all, readers).flat().sort()).toEqual([...all].sort())
      }),
    )
  })
  it('stays with the reader that remembers it when another culture comes', () => {
    fc.assert(
      fc.property(ids(11), all => {
        const readerOf = (list: readonly string[], id: string) =>
          sharedOut(list, 2).findIndex(share => share.includes(id))
        const rest = all.slice(1)
        for (const id of rest) expect(readerOf(rest, id)).toBe(readerOf(all, id))
      }),
    )
  })
  it('is left to one reader while there is little', () => {
    expect(sharedOut(['a', 'b', 'c'], 2)).toEqual([['a', 'b', 'c'], []])
  })
  it('is shared about evenly in a large room', () => {
    const many = Array.from({ length: 80 }, (_, i) => `01HT${(i * 7919).toString(32)}`)
    expect(Math.min(...sharedOut(many, 2).map(s => s.length))).toBeGreaterThan(25)
  })
})
