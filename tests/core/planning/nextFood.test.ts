import { describe, expect, it } from 'vitest'
import { goingOver } from '@renatus/core/planning/nextFood'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import { buildRound } from '@renatus/core/round/round'
import { wordsOf } from '@renatus/core/round/roundLines'
import { roomState } from '@renatus/core/stock/roomState'
import { addHours } from '@renatus/core/time/localDate'
import { chilled, log, records, uid } from '../room'

const NOW = '2026-03-24T05:34:00Z'
/** Gouramis that have swum free for some days, with powder and no bench: nauplii carry them from their tenth day on. */
const gouramis = (freeOn: string, foods = ['brine-shrimp', 'first-powder']): AnyRecord[] =>
  records({ species: 'dwarf-gourami', freeSwimmingOn: freeOn, foods }).filter(
    r => !['vessel', 'lot', 'salt'].includes(r.type),
  )
const powder = chilled('2026-03-16T06:00:00Z', {
  storeId: uid(),
  name: 'Powder',
  foodId: 'first-powder',
  keep: 'dry',
  unit: 'g',
  amount: 50,
  organisms: 5e9,
  fromId: null,
})
const stateAt = (all: AnyRecord[], now = NOW, entries: Entry[] = []) =>
  roomState(all, [powder, ...entries], now)!
const asked = (all: AnyRecord[], now = NOW, entries: Entry[] = []) =>
  goingOver(stateAt(all, now, entries), new Map()).map(g => [g.foodId, g.inDays, g.way.days])

describe('the food that a brood goes over to', () => {
  it('is asked for while there is time to get it, where none stands here', () => {
    const days = Array.from({ length: 12 }, (_, d) =>
      asked(gouramis('2026-03-18'), addHours(NOW, 24 * (d - 6))),
    )
    const first = days.findIndex(d => d.length > 0)
    const [, inDays, takes] = days[first]![0] as [string, number, number]
    expect(takes).toBe(3)
    expect(inDays - takes).toBe(3)
    // Day after day it is as near, until it is on the table; then its tank says what lacks.
    expect(days.slice(first).map(d => d[0]?.[1] ?? 0)).toEqual(
      days.slice(first).map((_, n) => Math.max(0, inDays - n)),
    )
  })
  it('is a stop that says what a hatch still takes, and is not asked again on the next day', () => {
    const all = gouramis('2026-03-18')
    const state = stateAt(all)
    const round = buildRound(state, new Map())
    const stop = round.stops.find(s => s.kind === 'provide')!
    const [line] = wordsOf(stop, state)
    expect(line!.text).toMatch(/from \w+ \d+ \w+ on it takes brine shrimp nauplii, and none stands/)
    expect(line!.text).toContain('a tin of cysts and salt without additives')
    const { current, reckoning } = round
    const context = { state, roundKey: current.key, reckoning, now: NOW, newId: uid }
    const written = answerStop(stop, { how: 'done' }, context)
    if (!written.ok) throw new Error(written.message)
    const seen = written.entries.map(e =>
      log(NOW, e.kind, e.data as never, { subject: e.subject, answers: stop.key }),
    )
    const kinds = (hours: number) => {
      const at = addHours(NOW, hours)
      return buildRound(stateAt(all, at, seen), new Map()).stops.map(s => s.kind)
    }
    expect(kinds(0)).not.toContain('provide')
    expect(kinds(24)).not.toContain('provide')
  })
  it('is nothing where it can be had: a bench with cysts, or cysts on their way', () => {
    const whole = records({ species: 'dwarf-gourami', freeSwimmingOn: '2026-03-18' })
    expect(goingOver(stateAt(whole), new Map())).toEqual([])
    const order = { orderId: uid(), what: 'cysts' as const, comesOn: '2026-03-26' }
    expect(asked(gouramis('2026-03-18'), NOW, [log(NOW, 'order.placed', order)])).toEqual([])
  })
})
