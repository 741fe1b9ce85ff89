import { demoAt } from '../rooms/demoAt'
import { makeId } from '@renatus/core/records/id'
import type { Entry } from '@renatus/core/records/entries'
import { buildRound, roundState } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'
import type { CultureReading } from '@renatus/core/estimation/readCulture'

const NOW = '2026-03-24T05:34:00.000Z'
const NONE: ReadonlyMap<string, CultureReading> = new Map()
const DAY_MS = 86_400_000
const WEEKS_8 = 56

/** Vessels and stores of earlier weeks are others: each has its end, as in a room. */
const otherIds = (text: string, k: number): string =>
  text.replace(
    /"(cultureId|storeId|clockId|id|fromId)":"([0-9A-Z]{23})[0-9A-Z]{3}"/g,
    (_, key: string, head: string) => `"${key}":"${head}${String(k).padStart(3, '0')}"`,
  )

/** Years of a room: its last eight weeks, and the same weeks again and again before them, of vessels and broods that have ended. */
export function longLog(entries: readonly Entry[], wanted: number): Entry[] {
  const earlier: Entry[] = []
  for (let k = 1; earlier.length + entries.length < wanted; k++) {
    const back = k * WEEKS_8 * DAY_MS
    for (const e of entries) {
      if (earlier.length + entries.length >= wanted) break
      const at = new Date(Date.parse(e.at) - back).toISOString()
      const chance = Uint8Array.from({ length: 10 }, (_, j) => (j * 31 + k + earlier.length) % 256)
      const id = makeId(Date.parse(at) + (earlier.length % 1000), chance)
      const data = JSON.parse(otherIds(JSON.stringify(e.data), k)) as never
      earlier.push({ ...e, id, act: id, at, answers: null, supersedes: null, data } as Entry)
    }
  }
  return [...earlier, ...entries].sort((a, b) => (a.id < b.id ? -1 : 1))
}

const ms = (run: () => void, runs = 7): number => {
  const all = Array.from({ length: runs }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  }).sort((a, b) => a - b)
  return all[Math.floor(runs / 2)]!
}

/** How a log of a thousand entries and one of a hundred thousand feel, in one run: ratios count, milliseconds are this machine's. */
export function benchLongLog(): void {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const sizes = [demo.entries.length, 10_000, 100_000]
  const rows = sizes.map(size => {
    const log = longLog(demo.entries, size)
    const cold = ms(() => roomState(demo.records, [...log], NOW), 3)
    roomState(demo.records, log, NOW)
    const minute = ms(() => roomState(demo.records, log, '2026-03-24T05:35:00.000Z'))
    const state = roundState(demo.records, log, NOW)!
    const round = ms(() => buildRound(state, NONE))
    const last = log.at(-1)!
    const more = ms(() => {
      const id = makeId(
        Date.parse(NOW),
        Uint8Array.from({ length: 10 }, () => 7),
      )
      const grown = log.concat([{ ...last, id, act: id, at: NOW }])
      buildRound(roundState(demo.records, grown, NOW)!, NONE)
    }, 3)
    return { size: log.length, cold, minute, round, more }
  })
  const first = rows[0]!
  for (const r of rows) {
    const of = (key: 'cold' | 'minute' | 'round' | 'more') =>
      `${r[key].toFixed(0)} ms (x ${(r[key] / first[key]).toFixed(1)})`
    console.log(
      `log of ${String(r.size).padStart(6)} entries: state anew ${of('cold')}, a minute later ${of('minute')}, round ${of('round')}, one entry more and the round ${of('more')}`,
    )
  }
}
