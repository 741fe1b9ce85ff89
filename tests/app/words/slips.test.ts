import { describe, expect, it } from 'vitest'
import { foods } from '@renatus/core/foods/index'
import { recipe } from '@renatus/core/foods/recipe'
import type { Entry } from '@renatus/core/records/entries'
import { HAND_UNITS, TRIAL_ASKS } from '@renatus/core/records/vocabulary'
import { comingLines } from '@renatus/core/round/comingLines'
import { fetchFirst } from '@renatus/core/round/fetchFirst'
import { handText } from '@renatus/core/round/handText'
import { wordsOf } from '@renatus/core/round/roundLines'
import type { Stop } from '@renatus/core/round/stop'
import { thingText } from '@renatus/core/round/thing'
import { addHours } from '@renatus/core/time/localDate'
import * as format from '@renatus/core/units/format'
import { insteadWords, slackWords, startLateWords } from '~/words/ahead'
import { mixing, stillNeeded } from '~/words/count'
import { noEaterWords, pieces } from '~/words/gel'
import { entrySentence } from '~/words/log'
import { youngWords } from '~/words/cultures'
import { seenWords } from '~/words/methods'
import { shortMinutes } from '~/words/planMinutes'
import { coinWords, judgedWords, partedWords, toldWords } from '~/words/practice'
import { plural, roundLead } from '~/words/round'
import { amountOf, larderLead, lastsWords, moneyText } from '~/words/stores'
import { beforeBest } from '~/words/hatch'
import { armWords, enoughWords, moreWords, powerWords } from '~/words/trials'
import { paceWords } from '~/words/learned'
import { whatIfWords } from '~/words/whatIf'
import { backWords, sinceWords } from '~/words/tending'
import { NUMBERS, slipsIn, withNumbers } from './slipsIn'
import { demoAt } from '../../../tools/rooms/demoAt'
import { knownRound, readingKnown } from '../../../tools/rooms/knownRoom'

const MEASURE_SYSTEMS = ['metric', 'us'] as const
const END = '2026-03-24T05:34:00.000Z'
const demo = demoAt(END, 'Europe/Berlin')
const rounds = [0, -12.6, -48, -24 * 9, -24 * 20 - 12.6].map(h => {
  const at = addHours(END, h)
  const entries = demo.entries.filter(e => e.at < addHours(at, -0.5))
  return knownRound(readingKnown(demo.records, entries, 5), at)
})

function* sentencesOfRounds(): Generator<string> {
  for (const { round, state } of rounds) {
    for (const stop of [...round.stops, ...round.waiting.map(w => w.stop)])
      for (const n of [null, ...NUMBERS]) {
        const told: Stop = n === null ? stop : withNumbers(stop, n)
        for (const line of wordsOf(told, state)) yield line.text
        for (const thing of fetchFirst([told], state)) yield thingText(thing, 'metric')
      }
    for (const coming of comingLines(round.reckoning, state))
      for (const l of coming.lines) yield `${l.verb} ${l.text}`
  }
}

function* sentencesOfLog(): Generator<string> {
  const seen = new Map<string, Entry>()
  for (const e of demo.entries) seen.set(`${e.kind}${JSON.stringify(e.data).length % 7}`, e)
  for (const e of seen.values())
    for (const n of [null, ...NUMBERS])
      yield entrySentence(
        n === null ? e : { ...e, data: withNumbers<unknown>(e.data, n) as never },
        demo.records,
        'metric',
      )
}

function* accounts(n: number): Generator<string> {
  const told = { fed: n, of: Math.round(n), gaps: Math.round(n), foul: 0, lost: Math.round(n) }
  const worked = { ...told, minutes: Math.round(n), coins: n, taken: [n * 100] }
  for (const badWater of [null, Math.round(n)])
    yield toldWords({ ...worked, badWater }, ['microworms'])
}
function* sentencesOfNumbers(): Generator<string> {
  const date = () => 'Tue 24 Mar'
  for (const n of [...NUMBERS, 0.25, 1.4, 21, 1000]) {
    for (const unit of HAND_UNITS)
      for (const m of MEASURE_SYSTEMS) yield handText({ value: n, unit }, m)
    for (const m of MEASURE_SYSTEMS) yield `${format.formatLitres(n, m)} of water`
    yield format.formatDuration(n)
    yield plural(Math.round(n), 'stop')
    yield roundLead(Math.round(n), n, false)
    for (const days of [n, n * 100, n * 1000])
      yield lastsWords({
        left: n,
        overdrawn: false,
        lasts: { p10: days * 0.7, p50: days, p90: days * 1.4 },
      })
    for (const unit of ['g', 'mL', 'each', 'cube', 'pinch', 'wipe']) yield amountOf(n, unit)
    yield moneyText(n, '€')
    yield larderLead([], Math.round(n) + 4, d => d)
    yield pieces(n)
    yield backWords(n)
    yield sinceWords(n * 24)
    yield slackWords(Math.round(n), false)
    yield slackWords(-Math.round(n), true)
    yield slackWords(-Math.round(n), false)
    yield noEaterWords('Mix', Math.round(n))
    const judged = { day: n, vessel: 0, did: { act: 'wait', take: 0 }, luck: 0 } as const
    yield judgedWords({ ...judged, best: { act: 'feed', take: 0 }, value: -n })
    yield* accounts(n)
    yield coinWords(n)
    yield powerWords(Math.max(1, Math.round(n)), 0.9, 1.5)
    yield enoughWords(n > 8 ? null : Math.max(1, Math.round(n)), 8)
    yield moreWords(Math.round(n))
    yield beforeBest('today 22:09', null, null)
    yield beforeBest('today 22:09', 'today 20:54', null)
    yield beforeBest('today 22:09', 'today 20:54', 'tomorrow 08:24')
    for (const ask of TRIAL_ASKS) yield armWords({ mean: n, p10: n * 0.8, p90: n * 1.2 }, ask)
    yield paceWords({ factor: n, rounds: Math.round(n) })
    yield shortMinutes({ there: n, taken: n + 1 }) ?? ''
    yield startLateWords(
      { days: Math.round(n), likely: 0.6, readyBy: '2026-03-24', code: 'late, doubtful' },
      'Badis',
      date(),
    )
    yield insteadWords(['infusoria'])
    yield insteadWords(['infusoria', 'first-powder', 'brine-shrimp'])
    const asked = { shift: { a: Math.round(n) }, fry: { a: n }, warmerC: -n, minutes: n }
    const away = { from: '2026-03-24', days: Math.max(1, Math.round(n)) }
    const named = { name: () => 'Badis', date, degrees: (k: number) => `${Math.abs(k)} °C` }
    yield* whatIfWords({ ...asked, lost: ['b'], away }, named)
    const whole = Math.round(n)
    const counted = { perMl: n, lo: n, hi: n, drops: whole, animals: whole, patchy: n > 1 }
    yield mixing({ ...counted, dispersion: n, moreDrops: whole })
    yield stillNeeded({ ...counted, dispersion: null, moreDrops: whole })
  }
  const days = ['Mon 30 Mar', 'Wed 1 Apr']
  yield seenWords(days)
  for (const f of foods) yield youngWords(f.profile.units, days)
  // "A cup" is counted in the other system: one of it is no cups.
  yield format.formatLitres(0.2365882365, 'us')
  for (const f of foods)
    for (const m of f.methods)
      for (const litres of [0.5, 1, 2])
        for (const l of recipe(f, m, litres, 'metric').lines)
          yield thingText(
            { id: '', what: l.what, amount: { value: l.amount, unit: l.unit }, take: 'sum' },
            'metric',
          )
}

describe('no sentence slips', () => {
  it.each([
    ['of rounds, with 0, 1, 2 and 1.5 of everything', sentencesOfRounds, 400],
    ['of the log, with 0, 1, 2 and 1.5 of everything', sentencesOfLog, 150],
    ['made of a number', sentencesOfNumbers, 150],
  ] as const)('%s', (_, sentences, least) => {
    const all = [...sentences()]
    expect(all.length).toBeGreaterThan(least)
    const slips = all.flatMap(text => slipsIn(text).map(slip => `${slip}: ${text}`))
    expect([...new Set(slips)]).toEqual([])
  })

  it('says of a stage that was missed what tells it, and else whether anything had', () => {
    const missed = { when: 'Day 3', truth: 'failed', saw: 'ready', tells: null } as const
    const belief = (readiness: 'failed' | 'ready') => ({ readiness })
    expect(partedWords({ ...missed, belief: belief('ready'), tells: 'movers' })).toBe(
      'Day 3: it was lost, and you said ready. What tells them apart: what moves.',
    )
    expect(partedWords({ ...missed, belief: belief('failed') })).toContain('until then told it.')
    expect(partedWords({ ...missed, belief: belief('ready') })).toContain('did not tell it either.')
    expect(partedWords({ ...missed, belief: null })).toContain('did not tell it either.')
  })
})
