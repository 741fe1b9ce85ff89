import { expect, test, type Page } from '@playwright/test'
import { vesselSvg, type VesselView } from '../../app/components/vessel/drawVessel'

/** What the eye sees of a drawn vessel, from its pixels: rows that hold water, mean colour in the water, dark specks in it. */
async function seen(page: Page, view: Partial<VesselView>) {
  const svg = vesselSvg({ shape: 'jar', family: 'consumer', grades: {}, seed: 7, ...view }, 3)
  return page.evaluate(async source => {
    const image = new Image()
    image.src = `data:image/svg+xml;utf8,${encodeURIComponent(source)}`
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.width
    canvas.height = image.height
    const context = canvas.getContext('2d')!
    context.fillStyle = '#FFFFFF'
    context.fillRect(0, 0, canvas.width, canvas.height)
    context.drawImage(image, 0, 0)
    const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
    const at = (x: number, y: number) =>
      [0, 1, 2].map(i => data[4 * (y * canvas.width + x) + i]!) as [number, number, number]
    // The glass above the water is the theme's: everything that differs from it is filled.
    const glass = [0xf8, 0xfa, 0xf6]
    const left = Math.round(canvas.width * 0.2)
    const right = Math.round(canvas.width * 0.8)
    const middle = Math.round(canvas.width / 2)
    let rows = 0
    for (let y = 0; y < canvas.height; y++)
      if (at(middle, y).some((v, i) => Math.abs(v - glass[i]!) > 4)) rows++
    const sum = [0, 0, 0]
    let n = 0
    const dark = new Set<number>()
    const [from, to] = [Math.round(canvas.height * 0.35), Math.round(canvas.height * 0.8)]
    for (let y = from; y < to; y++) {
      for (let x = left; x < right; x++) {
        const c = at(x, y)
        c.forEach((v, i) => {
          sum[i]! += v
        })
        n++
        if (c[0] + c[1] + c[2] < 260) dark.add(y * canvas.width + x)
      }
    }
    // Specks that touch count as one: groups of dark pixels.
    let specks = 0
    const open = new Set(dark)
    for (const start of dark) {
      if (!open.delete(start)) continue
      specks++
      const stack = [start]
      for (let p = stack.pop(); p !== undefined; p = stack.pop()) {
        for (const q of [p - 1, p + 1, p - canvas.width, p + canvas.width])
          if (open.delete(q)) stack.push(q)
      }
    }
    return { rows, colour: sum.map(s => s / n), specks }
  }, svg)
}

const brightness = (c: readonly number[]) => 0.3 * c[0]! + 0.59 * c[1]! + 0.11 * c[2]!

test('a drawn vessel shows its look in its pixels: fill, colour, haze and specks', async ({
  page,
}) => {
  await page.goto('about:blank')
  const fills = []
  for (const fill of [0.2, 0.4, 0.6, 0.8, 0.95])
    fills.push((await seen(page, { fill, grades: { tint: 1 } })).rows)
  expect(fills).toEqual([...fills].sort((a, b) => a - b))
  expect(fills.at(-1)! - fills[0]!).toBeGreaterThan(100)

  const greens = []
  for (const tint of [0, 1, 2, 3])
    greens.push(await seen(page, { family: 'phototroph', grades: { tint } }))
  const shades = greens.map(g => brightness(g.colour))
  expect(shades).toEqual([...shades].sort((a, b) => b - a))
  expect(shades[0]! - shades[3]!).toBeGreaterThan(60)
  expect(greens[3]!.colour[1]).toBeGreaterThan(greens[3]!.colour[0]!)

  const hazes = []
  for (const cloudiness of [0, 1, 2, 3])
    hazes.push(
      brightness(
        (await seen(page, { family: 'succession', grades: { cloudiness, tint: 2 } })).colour,
      ),
    )
  expect(hazes).toEqual([...hazes].sort((a, b) => a - b))
  expect(hazes[3]! - hazes[0]!).toBeGreaterThan(20)

  const specks = []
  for (const movers of [0, 0.5, 1, 1.5, 2, 3])
    specks.push((await seen(page, { grades: { movers } })).specks)
  expect(specks).toEqual([...specks].sort((a, b) => a - b))
  expect(specks[0]).toBe(0)
  expect(specks.at(-1)!).toBeGreaterThan(25)
})
