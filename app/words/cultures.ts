import type { Stranger } from '@renatus/core/records/vocabulary'
import { perhapsReady, saidStage } from '@renatus/core/estimation/saidStage'
import { bracket } from '@renatus/core/math/bracket'
import type { Readiness, Sign } from '@renatus/core/dynamics/contract'
import type { Estimate } from '@renatus/core/estimation/estimate'
import type { Remark } from '@renatus/core/estimation/replay'
import type { Food } from '@renatus/core/foods/contract'

/** Stages of a culture as the screen says them, with a mark that differs in shape. */
export const STAGES: Record<Readiness, { word: string; mark: string }> = {
  resting: { word: 'resting', mark: '⋯' },
  building: { word: 'building', mark: '◒' },
  ready: { word: 'ready', mark: '●' },
  tiring: { word: 'tiring', mark: '◓' },
  failing: { word: 'failing', mark: '✕' },
  failed: { word: 'lost', mark: '✕' },
}

/** Where a vessel is said to stand. */
export const stageOf = (e: Pick<Estimate, 'readiness' | 'moves'>): Readiness => saidStage(e)

/** Above 95, 75 and 50 %. */
const CERTAINTIES = [
  [-0.95, 'almost certain'],
  [-0.75, 'likely'],
  [-0.5, 'more likely than not'],
] as const

const percent = (p: number) => `${Math.round(p * 100)} %`

/** "likely (84 %)": certainty in words and number. */
export function certainty(p: number): string {
  const word = bracket(-p, CERTAINTIES, 'possible')
  return `${word} (${percent(p)})`
}

/** That it may be ready though that is not said: not yet, or no longer. */
export const mayBeReady = (e: Pick<Estimate, 'readiness' | 'moves'>): string =>
  ['resting', 'building'].includes(saidStage(e)) ? 'perhaps ready' : 'perhaps still good'

/** Where a vessel is said to stand, and how sure that is: "likely (84 %)". */
export function standing(e: Pick<Estimate, 'readiness' | 'moves'>): {
  stage: Readiness
  sure: string
} {
  const { readiness } = e
  const stage = saidStage(e)
  const sure = perhapsReady(e)
    ? `${mayBeReady(e)} (${percent(readiness.ready)})`
    : certainty(readiness[stage])
  return { stage, sure }
}

/** A share of beliefs that is not worth a word. */
const HARDLY = 0.02

/** What is lost by now, told apart from what is not expected to become anything. */
export function lostWords({ readiness, pFailed }: Pick<Estimate, 'readiness' | 'pFailed'>): string {
  const lost = `Lost: ${percent(readiness.failed)}.`
  const never = pFailed - readiness.failed
  return never < HARDLY ? lost : `${lost} Never ready: ${percent(never)}.`
}

/** What of the log could not be taken as it stands. */
export const REMARKS: Record<Remark['code'], string> = {
  'before-start': 'An entry from before its start is left out.',
  'after-now': 'An entry that lies ahead of this device’s clock is left out.',
  'impossible-count':
    'A count far above anything possible here is left out: correct it in the Log, or was the drop larger?',
  'surprising':
    'A look that hardly fits what was believed: look again, and see that it is the right vessel.',
}

export const SIGN_NAMES: Record<Sign, string> = {
  cloudiness: 'Cloudiness',
  tint: 'Colour',
  movers: 'What moves',
  gathering: 'Where they gather',
  film: 'Surface',
  smell: 'Smell',
  sediment: 'Bottom',
  climbing: 'On the wall',
  size: 'Size',
  pupae: 'Pupae',
}

export const STRANGER_NAMES: Record<Stranger, string> = {
  worms: 'threads that whip (worms)',
  copepods: 'dots that dart (copepods)',
  fleas: 'hopping dots (water fleas)',
  rotifers: 'gliding specks with a wheel (rotifers)',
  ciliates: 'dust that drifts and turns (ciliates)',
  larvae: 'larvae of insects',
  yeast: 'budding grains (yeast)',
}

/** The grades of a look in the words of the food: "hazy, many, earthy". */
export const lookWords = (food: Food, grades: Partial<Record<Sign, number>>) =>
  Object.entries(grades)
    .map(([sign, g]) => ({ sign: sign as Sign, word: food.signs[sign as Sign]?.[Math.round(g)] }))
    .filter((x): x is { sign: Sign; word: string } => x.word !== undefined)

/** A look in a few words: what is not there is left out, unless nothing is. */
export function lookInShort(food: Food, grades: Partial<Record<Sign, number>>): string {
  const words = lookWords(food, grades).map(w => w.word)
  return words.filter(w => w !== 'none').join(', ') || 'nothing to see'
}

/**
 * When the first young of a vessel are due, and what it means where none come.
 * @param days the soonest and the latest, in words
 */
export const youngWords = (food: string, [from, to]: readonly string[]): string => {
  const due = `First young ${food} between ${from} and ${to}: specks beside the grown ones.`
  return `${due} None by then: hungry, too cold, or the water harms them.`
}
