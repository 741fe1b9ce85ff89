import type { Readiness, Sign } from '@renatus/core/dynamics/contract'
import type { Act } from '@renatus/core/practice/decision'
import type { HandQuestion } from '@renatus/core/practice/handGame'
import type { Confusion, LearnerStand, Skill } from '@renatus/core/practice/learner'
import type { Judged } from '@renatus/core/practice/practise'
import type { PlayedGame } from '@renatus/core/practice/playedGame'
import type { Told } from '@renatus/core/practice/told'
import { standsMgL, type FryTank, type tankLook } from '@renatus/core/practice/fryTank'
import type { ExerciseKind } from '@renatus/core/practice/scenario'
import { numberText } from '@renatus/core/units/numberText'
import { SIGN_NAMES, STAGES } from './cultures'
import { plural } from './round'

const GAP = '\u00a0'
const percent = (x: number) => `${Math.round(100 * x)}${GAP}%`

export const KIND_WORDS: Readonly<Record<ExerciseKind, { name: string; takes: string }>> = {
  look: { name: 'One look', takes: 'ten vessels, a few minutes' },
  jar: { name: 'One jar', takes: 'a look and a decision a day' },
  brood: { name: 'One brood', takes: 'several vessels, mouths whose day is not sure' },
  season: { name: 'A season', takes: 'three lines and a room with weather' },
  hands: { name: 'Hands', takes: 'drops, spoons, trays' },
}
export const SURE_WORDS = ['a guess', 'unsure', 'rather so', 'quite sure', 'certain'] as const
export const ACT_WORDS: Readonly<Record<Act, string>> = {
  'wait': 'leave it',
  'feed': 'feed it',
  'stir': 'stir it',
  'change water': 'change a quarter of its water',
  'thin out': 'take a third out',
  'split': 'split it in two',
  'renew': 'renew it',
  'give up': 'give it up, start anew',
  'start': 'start it',
}
const FLOOR_WORDS = {
  clean: 'Nothing of the last meal lies on its floor',
  some: 'Some of the last meal lies on its floor',
  much: 'Much of the last meal lies on its floor',
} as const
/** What anybody sees of the mouths' tank. */
export const tankSeen = ({ floor, isGasping }: ReturnType<typeof tankLook>): string =>
  `${FLOOR_WORDS[floor]}.${isGasping ? ' They breathe fast and leave food.' : ''}`
const inMgL = (x: number) => `${numberText(x, { digits: 2 })}${GAP}mg/L`
/** What a test of its water said, against what they stand. */
export const testWords = (mgL: number, plan: FryTank['plan']): string =>
  `Ammonia nitrogen: ${inMgL(mgL)}. At pH ${plan.pH} they stand ${inMgL(standsMgL(plan))} for long.`
export const TANK_ACT_WORDS = {
  'wait': 'leave it',
  'change water': 'change half of its water',
} as const

export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  stage: 'Naming the stage',
  trouble: 'Seeing trouble',
  timing: 'Days and amounts',
  hands: 'Counting and measuring',
}

const confusedWords = ({ truth, saw }: Confusion) => `${STAGES[truth].word} for ${STAGES[saw].word}`
/** One sentence on what next. */
export function nextWords({ next }: LearnerStand, name: string): string {
  const exercise = `“${name}”`
  if (next.why === 'confused' && next.confusion)
    return `You take ${confusedWords(next.confusion)}: ${exercise} shows the difference.`
  if (next.why === 'new') return `Not tried yet: ${exercise}.`
  return `Where most is left to learn: ${exercise}.`
}
export const confusionWords = (c: Confusion) =>
  `${STAGES[c.truth].word} taken for ${STAGES[c.saw].word}`

/** What was asked of the hand, in words. */
export function handWords(q: HandQuestion): string {
  const of = (key: string) => q.given[key] as number
  if (q.asks === 'per-ml')
    return `Drops of ${of('dropMl')}${GAP}mL hold ${(q.given.counts as readonly number[]).join(', ')} animals. How many are in a mL?`
  if (q.asks === 'grams')
    return `${of('spoons')} level tablespoons of ${of('coarse') ? 'coarse' : 'fine'} salt. How many grams is that?`
  return `A tray of ${of('fillMl')}${GAP}mL, ${of('parts')} volumes of water on one of powder. How many mL of powder?`
}

const didWords = ({ act, take }: Judged['did']) =>
  [take > 0.005 ? `draw ${percent(take)}` : '', act === 'wait' ? '' : ACT_WORDS[act]]
    .filter(Boolean)
    .join(' and ') || 'leave it'
/** Chance is told of from so many days of food on. */
const LUCK_FROM = 3
/** What came of a decision that was worth less than another, and whether luck made it good. */
export function judgedWords(j: Judged): string {
  const lost = numberText(-j.value, { decimals: 1 })
  const days = lost === '1' ? 'day' : 'days'
  const luck = j.luck > LUCK_FROM ? ' It went better than could be known: luck.' : ''
  const bad = j.luck < -LUCK_FROM ? ' It went worse than could be known: bad luck.' : ''
  return `Day ${j.day}: you chose to ${didWords(j.did)}. From what you had seen, to ${didWords(j.best)} was worth ${lost} ${days} of food more.${luck}${bad}`
}
/** A sign within a sentence. */
export const signWords = (sign: Sign) => SIGN_NAMES[sign].toLowerCase()
/** Where what was said and what was true first parted, and what would have told. */
export function partedWords(d: {
  when: string
  truth: Readiness
  saw: Readiness
  /** What its looks and yields said. */
  belief: { readiness: Readiness } | null
  tells: Sign | null
}): string {
  const what = `${d.when}: it was ${STAGES[d.truth].word}, and you said ${STAGES[d.saw].word}.`
  if (d.tells !== null) return `${what} What tells them apart: ${signWords(d.tells)}.`
  return d.belief?.readiness === d.truth
    ? `${what} What had been seen of it until then told it.`
    : `${what} What had been seen of it did not tell it either.`
}
export const goalWords = (x: number) => percent(x)

/** What is left to say of an exercise that was played by other rules. */
export const oldRulesWords = (r: PlayedGame['result']): string =>
  r
    ? `It was played by the rules of an older version, and is not lived again by others. You reached ${percent(r.goal)}, the card by fixed days ${percent(r.fixed)}, Renatus ${percent(r.advice)}.`
    : 'It was played by the rules of an older version, and is not lived again by others. Begin it anew.'

const inCoins = (coins: number) => numberText(coins, { decimals: 1 })
export const coinWords = (coins: number) => `${inCoins(coins)} ${coins === 1 ? 'coin' : 'coins'}`

/** What the mouths had of it, and what was drawn. @param names what is drawn, by vessel */
export function toldWords(t: Told, names: readonly string[]): string {
  const drawn = new Map<string, number>()
  names.forEach((name, i) => drawn.set(name, (drawn.get(name) ?? 0) + (t.taken[i] ?? 0)))
  const taken = [...drawn]
    .filter(([, n]) => n >= 1)
    .map(([name, n]) => `${numberText(Math.round(n), { digits: 2 })} ${name}`)
  const fed = `${numberText(t.fed, { decimals: 1 })} of ${plural(t.of, 'day')} fed`
  return taken.length > 0 ? `${fed}, ${taken.join(' and ')} drawn` : fed
}

/** What it took, a line each; null of what was no matter of the exercise. */
export const TOLD_LINES: readonly { name: string; of: (t: Told) => string | null }[] = [
  { name: 'Days fed', of: t => numberText(t.fed, { decimals: 1 }) },
  { name: 'Days hungry', of: t => String(t.gaps) },
  { name: 'Foul meals', of: t => String(t.foul) },
  { name: 'Bad water', of: t => (t.badWater === null ? null : `${t.badWater}${GAP}d`) },
  { name: 'Given up', of: t => String(t.lost) },
  { name: 'Minutes', of: t => String(t.minutes) },
  { name: 'Coins', of: t => inCoins(t.coins) },
]

export const PRACTICE_FILE_PROBLEMS: Readonly<Record<'not-json' | 'not-practice', string>> = {
  'not-json': 'This file cannot be read: it is cut off or no practice. Nothing was changed.',
  'not-practice':
    'There is no practice in this file. Choose one that “Export all practice” made. Nothing was changed.',
}
/** What a file of practice brought. */
export function broughtWords(
  kept: number,
  { games, unread }: { games: readonly unknown[]; unread: number },
) {
  const known = games.length - kept
  const came = `${plural(kept, 'exercise')} came`
  const was = known > 0 ? `, ${known} ${known === 1 ? 'was' : 'were'} here already` : ''
  const not = unread > 0 ? `, ${unread} could not be read` : ''
  return `${came}${was}${not}.`
}
