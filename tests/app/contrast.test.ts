import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

/** Values of the colours in the order of the sheet: light, dark, paper. */
const css = readFileSync('app/assets/main.css', 'utf8')
const colours = (name: string) =>
  [...css.matchAll(new RegExp(`^\\s*--${name}:\\s*(#[0-9a-f]{3,6});`, 'gm'))].map(m => m[1]!)

const channel = (x: number) => (x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4)
/** Relative luminance (WCAG 2.2). */
function luminance(hex: string): number {
  const long = hex.length === 4 ? hex.replace(/[0-9a-f]/g, '$&$&') : hex
  const [r, g, b] = [1, 3, 5].map(i => channel(parseInt(long.slice(i, i + 2), 16) / 255))
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
}
function contrast(a: string, b: string): number {
  const [x, y] = [luminance(a), luminance(b)].sort((p, q) => q - p)
  return (x! + 0.05) / (y! + 0.05)
}

describe('colours', () => {
  it('amounts are read at 7 to 1 and more on everything they stand on, in every theme', () => {
    expect(contrast('#000', '#ffffff')).toBeCloseTo(21, 6)
    const inks = colours('ink')
    expect(inks).toHaveLength(3)
    for (const on of ['paper', 'ground'])
      colours(on).forEach((background, theme) => {
        expect(contrast(inks[theme]!, background)).toBeGreaterThanOrEqual(7)
      })
  })

  it('what warns, is planned or is small is read at 4.5 to 1 and more', () => {
    for (const name of ['ink-2', 'due', 'plan', 'harm'])
      for (const on of ['paper', 'ground'])
        colours(name).forEach((colour, theme) => {
          expect(contrast(colour, colours(on)[theme]!)).toBeGreaterThanOrEqual(4.5)
        })
  })

  it('a page that waits for its scripts in a dim room is as dark as it will be', () => {
    const waits = /:root:not\(\[data-theme\]\) {\s*background: (#\w+);\s*color: (#\w+);/.exec(css)
    expect(waits?.slice(1)).toEqual([colours('ground')[1], colours('ink')[1]])
  })
})
