import { demoAt } from '../rooms/demoAt'
import { yearsOf } from '../rooms/yearsOf'
import { makeId } from '@renatus/core/records/id'
import type { Entry } from '@renatus/core/records/entries'
import { buildRound, roundState } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'
import { workingLog } from '@renatus/core/stock/working/workingLog'
import { addHours } from '@renatus/core/time/localDate'
import type { CultureReading } from '@renatus/core/estimation/readCulture'

const NOW = '2026-03-24T05:34:00.000Z'
const NONE: ReadonlyMap<string, CultureReading> = new Map()

const ms = (run: () => void, runs = 7): number => {
  const all = Array.from({ length: runs }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  }).sort((a, b) => a - b)
  return all[Math.floor(runs / 2)]!
}

/** Entries younger than this stay, whatever they speak of, days. */
const BORDER = addHours(NOW, -24 * 60)

/**
 * How a log of a thousand entries and one of a hundred thousand feel, in one run: ratios count, milliseconds are this machine's.
 * What the page works with is the working log; making that of the whole is a helper's work, once a week.
 */
export function benchLongLog(): void {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const sizes = [demo.entries.length, 10_000, 100_000]
  const rows = sizes.map(size => {
    const room = yearsOf(demo, size)
    const settle = ms(() => workingLog(room.records, [...room.entries], BORDER), 3)
    const { records, entries, settled } = workingLog(room.records, room.entries, BORDER)
    const project = (log: readonly Entry[], now = NOW) =>
      roomState(records, log, now, undefined, settled)
    const cold = ms(() => project([...entries]))
    project(entries)
    const minute = ms(() => project(entries, '2026-03-24T05:35:00.000Z'))
    const state = roundState(records, entries, NOW, undefined, settled)!
    const round = ms(() => buildRound(state, NONE))
    const last = entries.at(-1)!
    const more = ms(() => {
      const id = makeId(
        Date.parse(NOW),
        Uint8Array.from({ length: 10 }, () => 7),
      )
      const grown = entries.concat([{ ...last, id, act: id, at: NOW }])
      buildRound(roundState(records, grown, NOW, undefined, settled)!, NONE)
    })
    return { size: room.entries.length, works: entries.length, settle, cold, minute, round, more }
  })
  const first = rows[0]!
  for (const r of rows) {
    const of = (key: 'settle' | 'cold' | 'minute' | 'round' | 'more') =>
      `${r[key].toFixed(0)} ms (x ${(r[key] / first[key]).toFixed(1)})`
    console.log(
      `log of ${String(r.size).padStart(6)} entries, ${r.works} of them at work: settled in ${of('settle')}, state anew ${of('cold')}, a minute later ${of('minute')}, round ${of('round')}, one entry more and the round ${of('more')}`,
    )
  }
}
