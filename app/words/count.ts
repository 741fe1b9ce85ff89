import type { Density } from '@renatus/core/estimation/counting'
import type { GreenResult } from '@renatus/core/estimation/greenReading'
import { plural } from './round'

/** What went wrong with a picture, and what to do. */
export const PICTURE_PROBLEMS = {
  'no-picture':
    'That file is no picture this device can read. Nothing was changed: choose a photo (JPEG, PNG or WebP).',
  'huge':
    'That picture is too large to open here: over 80 MB or 120 megapixels. Take it again at a lower setting.',
  'blank':
    'Nothing stands out from the ground: no animals, or out of focus. Light it from one side, on black or white, and try again.',
  'too-small':
    'That picture is smaller than 40 pixels: nothing can be told from it. Take it from closer, or larger.',
  'crowded':
    'Too crowded to tell them apart. Thin the sample with water, tenfold say, and multiply.',
  'no-camera':
    'The practice camera needs the server that Renatus came from. Choose a picture of your own instead.',
} as const

/** How alike the drops are. */
export function mixing(d: Density): string {
  if (d.dispersion === null)
    return d.drops < 3 ? 'Three drops or more tell how well it was mixed.' : ''
  return d.patchy
    ? `The drops differ more than chance lets them (index ${d.dispersion.toFixed(1)}): swirl it and take new drops.`
    : `Well mixed as far as the drops tell (index ${d.dispersion.toFixed(1)}; near 1 is chance alone).`
}

/** What is left to count for a figure within a fifth. */
export function stillNeeded(d: Density): string {
  if (d.moreDrops === null)
    return 'Nothing found yet: take larger drops, or a sample that was concentrated.'
  return d.moreDrops === 0
    ? 'Good to within 20 %.'
    : `${plural(d.moreDrops, 'more drop')} like ${d.drops === 1 ? 'this' : 'these'} for 20 % either way.`
}

export const GREEN_PROBLEMS: Record<Extract<GreenResult, { ok: false }>['why'], string> = {
  'too-clear': 'So clear that it holds next to no cells: nothing to read.',
  'not-darker': 'The water is as bright as the white: nothing to read. Use a deeper glass.',
  'not-green': 'Only green water and marine phytoplankton are read like this.',
}

/** How a count compares with what was really there. */
export function verdictWords(counted: number, truth: number): string {
  if (counted === truth) return 'right'
  return `${plural(Math.abs(truth - counted), 'animal')} ${counted > truth ? 'over' : 'short'}`
}
