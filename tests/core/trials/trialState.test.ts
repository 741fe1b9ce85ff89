import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { randomStream } from '@renatus/core/math/random'
import { compareStanding, startTrial, type TrialDesign } from '@renatus/core/planning/startTrial'
import { makeId } from '@renatus/core/records/id'
import { entry, type Entry } from '@renatus/core/records/entries'
import { anyRecord, type AnyRecord, type TrialRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { workingLog } from '@renatus/core/stock/working/workingLog'
import { addHours } from '@renatus/core/time/localDate'
import { deal } from '@renatus/core/trials/deal'
import { ownValue } from '@renatus/core/trials/ownValue'
import { enough, power } from '@renatus/core/trials/power'
import { remembered } from '@renatus/core/trials/remembered'
import { answerOf, inOrder, spreadOf, trialState } from '@renatus/core/trials/trialState'
import { unplanned } from '@renatus/core/trials/unplanned'
import { memberValues } from '@renatus/core/trials/values'
import { log, NAMED, records } from '../room'

const START = '2026-03-16T06:00:00.000Z'
const day = (d: number) => addHours(START, 24 * d)
let serial = 0
const newId = () => makeId(9_000_000 + serial++, new Uint8Array(10))

const MATTERS = ['lettuce', 'peel', 'straw', 'hay']
const design: TrialDesign = {
  name: 'Which leaf clears first?',
  asks: 'ready-day',
  factor: 'matter',
  foodId: 'infusoria',
  methodId: 'scalded-leaf',
  arms: MATTERS.map(name => ({ name, methodId: null, lotId: null, hours: null })),
  each: 2,
  spots: [
    { placeId: NAMED.place!, level: 'top', name: 'Bench, top' },
    { placeId: NAMED.place!, level: 'bottom', name: 'Bench, bottom' },
  ],
  untilDays: 14,
  onDay: null,
  vessel: { litres: 2, temperatureC: 23, warmth: 'own' },
  starter: null,
  motherShare: 0,
  hatch: null,
  broodIds: [],
}

/** The room with the trial in it, as if somebody had tapped "All are started". */
function started(of: Partial<TrialDesign> = {}) {
  const before = roomState(records(), [], START)!
  const {
    entries,
    records: made,
    trialId,
  } = startTrial(before, { ...design, ...of }, START, newId, 5)
  const stamp = { updatedAt: START, removedAt: null }
  const all = [...records(), ...made.map(r => anyRecord.parse({ ...stamp, ...r }))]
  const trial = all.find((r): r is TrialRecord => r.type === 'trial' && r.id === trialId)!
  const first = entries.map(e => log(START, e.kind, e.data as never, { subject: e.subject }))
  return { all, trial, first }
}
const stateAt = (all: readonly AnyRecord[], entries: readonly Entry[], d: number) =>
  roomState(all, entries, day(d))!

const look = (cultureId: string, d: number, isClear: boolean) =>
  log(
    day(d),
    'culture.looked',
    { cultureId, signs: isClear ? { cloudiness: 0, movers: 3 } : { cloudiness: 2, movers: 1 } },
    { subject: { type: 'culture', id: cultureId } },
  )
/** Looks of all jars, those of the first arm on other days than the others. */
const looksOf = (trial: TrialRecord, clearsOn: (armId: string) => number) =>
  trial.members.flatMap(m =>
    (m.armId === 'A' ? [2, 4, 6, 9] : [1, 3, 5, 7, 10]).map(d =>
      look(m.of!.id, d, d >= clearsOn(m.armId)),
    ),
  )

describe('dealing', () => {
  it('every arm gets its vessels, every number is given once, and a spot holds each arm as often as another', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer(),
        (arms, each, spots, seed) => {
          const ids = Array.from({ length: arms }, (_, i) => String(i))
          const dealt = deal(ids, each, spots, randomStream(seed))
          expect(dealt.map(d => d.number)).toEqual(dealt.map((_, i) => i + 1))
          for (const id of ids) expect(dealt.filter(d => d.armId === id)).toHaveLength(each)
          for (let s = 0; s < spots; s++) {
            const here = ids.map(id => dealt.filter(d => d.spot === s && d.armId === id).length)
            expect(Math.max(...here) - Math.min(...here)).toBeLessThanOrEqual(2)
          }
        },
      ),
      { numRuns: 60 },
    )
  })

  it('more vessels find more, and a larger difference wants fewer of them', () => {
    const small = power('time', 1.3)
    const large = power('time', 2)
    expect(large.at(-1)!.found).toBeGreaterThan(0.95)
    expect(small[7]!.found).toBeGreaterThan(small[0]!.found)
    expect(enough(large)).toBeLessThan(enough(small))
    expect(enough(power('share', 1.6))).toBeLessThanOrEqual(4)
  })
})

describe('what a vessel says by itself', () => {
  it('is its estimate with its own doubt; where nothing was seen it says nothing', () => {
    const band = (mid: number, sd: number) => ({
      p10: mid * Math.exp(-1.2816 * sd),
      p50: mid,
      p90: mid * Math.exp(1.2816 * sd),
    })
    expect(ownValue(band(6, 0.3), band(6, 0.3))).toBeNull()
    expect(ownValue(null, band(6, 0.3))).toBeNull()
    // Two stages look alike on one day: the middle has moved, though more is open than before.
    expect(ownValue(band(4, 0.4), band(6, 0.3))).not.toBeNull()
    const own = ownValue(band(8, 0.2), band(6, 0.3))!
    expect(own.value).toBe(8)
    expect(own.logSd).toBeCloseTo(0.2, 6)
  })
})

describe('a trial of four matters', () => {
  const { all, trial, first } = started()
  const looks = looksOf(trial, arm => (arm === 'A' ? 4 : 7))

  it('starts in one go: coded labels, a place each, made with what differs', () => {
    expect(trial.members).toHaveLength(8)
    expect(new Set(trial.members.map(m => m.label)).size).toBe(8)
    expect(trial.members.every(m => !MATTERS.some(w => m.label.includes(w)))).toBe(true)
    expect(new Set(trial.members.map(m => m.place)).size).toBe(2)
    const made = first.flatMap(e => (e.kind === 'culture.started' ? e.data.made?.matter : []))
    for (const m of MATTERS) expect(made.filter(x => x === m)).toHaveLength(2)
    for (const e of first) expect(entry.safeParse(e).success).toBe(true)
  })

  it('goes with its vessels when its start is undone, and stays without them once it has ended', () => {
    expect(stateAt(all, first, 1).trials).toHaveLength(1)
    expect(stateAt(all, [], 1).trials).toEqual([])
    const end = { trialId: trial.id, how: 'stopped' as const, spread: null, arms: [] }
    expect(stateAt(all, [log(day(1), 'trial.ended', end)], 2).trials).toHaveLength(1)
  })

  it('says nothing before anything was seen, and then what the looks say, whatever their days', () => {
    expect(trialState(trial, stateAt(all, first, 3)).result).toBeNull()
    const { result, told, over } = trialState(trial, stateAt(all, [...first, ...looks], 11))
    expect(told).toBe(4)
    expect(over).toBe(false)
    const arms = result!.arms.toSorted((a, b) => a.mean - b.mean)
    expect(arms[0]!.id).toBe('A')
    expect(arms[0]!.mean).toBeGreaterThan(2)
    expect(arms[0]!.mean).toBeLessThan(5.5)
    expect(arms[1]!.mean).toBeGreaterThan(5)
    expect(result!.arms.find(a => a.id === 'A')!.best).toBeGreaterThan(0.8)
  })

  it('a jar that died counts no more, and what is typed goes before what is read', () => {
    const [a, b] = trial.members
    const died = log(day(8), 'trial.lost', {
      trialId: trial.id,
      memberId: a!.id,
      reason: 'spilled',
    })
    const typed = log(day(9), 'trial.valued', {
      trialId: trial.id,
      memberId: b!.id,
      values: [4, 9],
      hits: null,
    })
    const room = stateAt(all, [...first, ...looks, died, typed], 11)
    const [lost, hand] = memberValues(trial, room)
    expect(lost).toMatchObject({ value: null, lost: 'spilled' })
    expect(hand!.byHand).toBe(true)
    expect((hand!.value as { value: number }).value).toBeCloseTo(6, 6)
  })

  it('is remembered when it ends, and its scatter is what the next one of its kind begins with', () => {
    const room = stateAt(all, [...first, ...looks], 11)
    const now = trialState(trial, room)
    const answer = answerOf(trial, now)
    expect(answer.arms.map(a => a.vessels)).toEqual([2, 2, 2, 2])
    const end = log(day(11), 'trial.ended', { ...answer, how: 'settled' })
    const later = stateAt(all, [...first, ...looks, end], 12)
    const [known] = remembered(later, 'infusoria')
    expect(inOrder(known!.answer, 'ready-day')[0]!.name).toBe('lettuce')
    expect(remembered(later, 'moina')).toEqual([])
    const spread = spreadOf('ready-day', [trial], later.entries)
    expect(spread.df).toBeGreaterThan(3)
    expect(spread.df).toBeLessThanOrEqual(12)
    expect(spreadOf('density', [trial], later.entries).df).toBe(3)
  })

  it('what was seen of its jars stays at hand until it ends, also of those that are over', () => {
    const ends = trial.members.map(m =>
      log(day(12), 'culture.ended', { cultureId: m.of!.id, how: 'discarded' }),
    )
    const whole = [...first, ...looks, ...ends]
    const far = day(200)
    const kept = workingLog(all, whole, far).entries
    const looked = (es: readonly Entry[]) => es.filter(e => e.kind === 'culture.looked').length
    expect(looked(kept)).toBe(looks.length)
    const end = log(day(13), 'trial.ended', {
      trialId: trial.id,
      how: 'stopped',
      spread: null,
      arms: [],
    })
    expect(looked(workingLog(all, [...whole, end], far).entries)).toBeLessThan(looks.length)
  })

  it('jars that stood already are compared by what they were made with, and marked as what they are', () => {
    const state = stateAt(all, [...first, ...looks], 11)
    const arms = unplanned(state, 'infusoria', 'matter', id => id)
    expect(arms.map(a => a.name).sort()).toEqual(MATTERS.toSorted())
    const { records: made } = compareStanding(design, arms, day(11), newId)
    const asked = anyRecord.parse({ updatedAt: START, removedAt: null, ...made[0] }) as TrialRecord
    expect(asked.planned).toBe(false)
    const { result, opened } = trialState(asked, state)
    expect(opened).toBe(true)
    const best = result!.arms.reduce((x, y) => (x.best > y.best ? x : y))
    expect(asked.arms.find(a => a.id === best.id)!.name).toBe('lettuce')
    expect(unplanned(state, 'moina', 'matter', id => id)).toEqual([])
  })
})

describe('trials of other kinds', () => {
  it('a hatch: the share of what was counted, as sure as the drops; hours to the pull', () => {
    const lots = { lotId: NAMED.lot!, saltId: NAMED.salt!, saltGL: 25, cystsG: 1 }
    const { all, trial, first } = started({
      asks: 'hatched',
      factor: 'hours',
      foodId: null,
      methodId: 'one-pull',
      arms: [24, 36].map(h => ({ name: `${h} h`, methodId: null, lotId: null, hours: h })),
      vessel: { litres: 1, temperatureC: 26, warmth: 'own' },
      hatch: lots,
    })
    const counted = trial.members.map(m =>
      log(
        day(1.5),
        'sample.counted',
        {
          of: m.of!,
          foodId: 'brine-shrimp',
          counts: m.armId === 'A' ? [20, 24] : [40, 44],
          dropMl: 0.25,
          how: 'by eye',
        },
        { subject: m.of! },
      ),
    )
    const room = stateAt(all, [...first, ...counted], 2)
    const [read] = memberValues(trial, room)
    const { hit, of } = read!.value as { hit: number; of: number }
    const animals = read!.armId === 'A' ? 44 : 84
    expect(hit).toBe(animals)
    // 270,000 cysts in 1,000 mL: 135 in half a millilitre.
    expect(hit / of).toBeCloseTo(animals / 135, 2)
    const { result } = trialState(trial, room)
    expect(result!.arms.find(a => a.id === 'B')!.best).toBeGreaterThan(0.95)
  })

  it('a diet: millimetres a day with their doubt, and who lived', () => {
    const of = { asks: 'growth', factor: 'diet', broodIds: [NAMED.brood!, NAMED.tank!] } as const
    const arms = ['nauplii', 'gel'].map(name => ({
      name,
      methodId: null,
      lotId: null,
      hours: null,
    }))
    const { trial } = started({ ...of, arms, foodId: null, methodId: null, spots: [] })
    expect(trial.members.map(m => m.of?.type)).toEqual(['brood', 'brood'])
    expect(new Set(trial.members.map(m => m.armId)).size).toBe(2)
    const id = NAMED.brood!
    const told = [
      log(START, 'brood.measured', { broodId: id, on: '2026-03-16', lengthsMm: [5, 5.2, 4.8] }),
      log(START, 'brood.counted', { broodId: id, on: '2026-03-16', fry: 200 }),
      log(day(10), 'brood.measured', { broodId: id, on: '2026-03-26', lengthsMm: [9, 9.4, 8.6] }),
      log(day(10), 'brood.counted', { broodId: id, on: '2026-03-26', fry: 150 }),
    ]
    const room = stateAt(records(), told, 11)
    const grown = memberValues(trial, room).find(m => m.seen > 0)!.value as { value: number }
    expect(grown.value).toBeCloseTo(0.4, 6)
    const lived = memberValues({ ...trial, asks: 'survival' }, room).find(m => m.value)!
    expect(lived.value).toEqual({ hit: 150, of: 200 })
  })
})
