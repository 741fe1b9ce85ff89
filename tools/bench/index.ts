/** npm run bench: how fast, and how it grows with size. Printed, never asserted: machines differ. */
import { demoAt } from '../rooms/demoAt'
import { brokenFacts } from '@demo/facts'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { addDays, instantOf } from '@renatus/core/time/localDate'
import { mergeRooms } from '@renatus/core/formats/mergeRooms'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { hatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'
import type { Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import type { AnyRecord } from '@renatus/core/records/records'
import { broodSheet } from '@renatus/core/fry/broodSheet'
import { sheetRequest } from '@renatus/core/stock/sheetRequest'
import { buildRound } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'

import { benchReading, benchUnlike } from './estimation'
import { benchCalibration } from './calibration'
import { benchDemoStands } from './demoStands'
import { benchFamilies } from './families'
import { killCheckpoints, killTimes, killUpgrades } from './kills'
import { benchKnownRoom } from './knownRoom'
import { benchLargeFile } from './largeFile'
import { benchLivedRooms } from './livedRooms'
import { benchLongLog } from './longLog'
import { benchNativeSolver } from './nativeSolver'
import { benchOpening } from './opening'
import { benchPlanning } from './planning'
import { benchPlans } from './plans'
import { benchPractice } from './practice'
import { benchReadingTime } from './readingInChromium'
import { benchRounds } from './rounds'
import { benchStability } from './stability'
import { benchShelf } from './shelf'
import { benchStores } from './stores'
import { benchTaps } from './taps'
import { benchWalk } from './walk'
import { benchYardstick } from './yardstick'

// First of all: what a step takes depends on what the engine has seen before.
benchYardstick()

const NOW = '2026-03-24T05:34:00.000Z'

/** Median milliseconds of some runs, after a warm-up. */
function time(run: (i: number) => void, runs = 15): number {
  for (let i = 0; i < 3; i++) run(-1 - i)
  const all = Array.from({ length: runs }, (_, i) => {
    const from = performance.now()
    run(i)
    return performance.now() - from
  }).sort((a, b) => a - b)
  return all[Math.floor(runs / 2)]!
}

function row(name: string, sizes: readonly number[], run: (size: number) => (i: number) => void) {
  const ms = sizes.map(size => time(run(size)))
  const growth =
    ms.length > 1 ? Math.log(ms.at(-1)! / ms[0]!) / Math.log(sizes.at(-1)! / sizes[0]!) : 0
  console.log(
    `${name.padEnd(44)} ${sizes.map((s, i) => `${s}: ${ms[i]!.toFixed(2)} ms`).join('   ')}${ms.length > 1 ? `   growth ~ size^${growth.toFixed(2)}` : ''}`,
  )
}

const demo = demoAt(NOW, 'Europe/Berlin')
const broods = (n: number): AnyRecord[] => {
  const brood = demo.records.find(r => r.type === 'brood' && r.removedAt === null)!
  const tank = demo.records.find(r => r.type === 'tank')!
  const more = Array.from({ length: n }, (_, i): AnyRecord[] => {
    const id = (k: number) => makeId(2_000_000 + i * 10 + k, new Uint8Array(10))
    return [
      { ...tank, id: id(1) } as AnyRecord,
      { ...brood, id: id(2), tankId: id(1) } as AnyRecord,
    ]
  }).flat()
  return [...demo.records.filter(r => r.type !== 'brood' && r.type !== 'tank'), ...more]
}
/** The same weeks again and again: a longer log of the same room. */
const longer = (times: number): Entry[] =>
  Array.from({ length: times }, (_, k) =>
    demo.entries.map((e): Entry => ({
      ...e,
      id: makeId(
        Date.parse(e.at) - k * 1000,
        Uint8Array.from({ length: 10 }, (_x, j) => (j * 31 + k) % 256),
      ),
      act: `${e.act.slice(0, 20)}${String(k).padStart(6, '0')}`,
    })),
  ).flat()

row(
  'hatch curve, new temperature course',
  [1],
  () => i =>
    hatchCurve({
      temperature: [
        { h: 0, c: 25 + i / 100 },
        { h: 12, c: 27 },
      ],
      speed: 1,
      spread: 0.17,
      decapsulated: false,
    }),
)
row('room state by log length (x 8 weeks)', [1, 4, 16], k => {
  const entries = longer(k)
  return () => roomState(demo.records, entries, NOW)
})
row('round by number of broods', [15, 60, 240], n => {
  const state = roomState(broods(n), demo.entries, NOW)!
  return () => buildRound({ ...state }, new Map())
})
row('ladders of 60 days by number of broods', [15, 60, 240], n => {
  const state = roomState(broods(n), demo.entries, NOW)!
  const requests = state.broods.flatMap(b => sheetRequest(b, state.room, 0, 60) ?? [])
  return () => requests.map(broodSheet)
})
row('room state by number of broods', [15, 60, 240], n => {
  const records = broods(n)
  return () => roomState(records, demo.entries, NOW)
})
row('read room file by log length', [1, 4, 16], k => {
  const text = writeRoomFile({
    exportedAt: NOW,
    by: 'bench',
    records: demo.records,
    entries: longer(k),
    kept: [],
  })
  return () => readRoomFile(text)
})
row('merge by log length', [1, 4, 16], k => {
  const entries = longer(k)
  return () =>
    mergeRooms(
      { records: demo.records, entries, kept: [] },
      { records: demo.records, entries, kept: [] },
    )
})
row('demo room, eight weeks', [1], () => () => demoAt(NOW, 'Europe/Berlin'))
const broken = Array.from({ length: 30 }, (_, i) =>
  instantOf(
    addDays('2026-01-05', i * 12),
    ['06:34', '12:10', '19:20', '22:45', '05:05'][i % 5]!,
    'Europe/Berlin',
  ),
).flatMap(now => brokenFacts(demoAt(now, 'Europe/Berlin'), now).map(fact => `${now}: ${fact}`))
console.log(
  `demo room on 30 days of a year: ${broken.length === 0 ? 'every fact holds' : broken.join('; ')}`,
)
row(
  'learning from eight weeks of hatches, anew',
  [1],
  () => () => learnRoom(demo.records, demo.entries),
)
const remembered = learnRoom(demo.records, demo.entries)!.cache
row(
  'learning from eight weeks of hatches, nothing new',
  [1],
  () => () => learnRoom(demo.records, demo.entries, remembered),
)
benchLongLog()
benchRounds()
await benchPlans()
await benchPlanning()
await benchNativeSolver()
await benchStability()
await benchCalibration()
await benchLivedRooms(6)
await benchShelf()
await benchWalk()
benchStores(NOW)
benchPractice()
await benchTaps()
await benchOpening()
await benchDemoStands()
benchFamilies()
await benchReadingTime()
await benchLargeFile()
// A few of each; `npm run trust` does them by the hundred.
await killTimes(15)
await killUpgrades(2)
await killCheckpoints(2)
benchReading(60)
benchUnlike()
benchKnownRoom()
