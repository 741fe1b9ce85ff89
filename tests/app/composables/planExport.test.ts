import ICAL from 'ical.js'
import papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import type { KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import { buildRound } from '@renatus/core/round/round'
import type { Entry } from '@renatus/core/records/entries'
import { roomState } from '@renatus/core/stock/roomState'
import { planCalendar } from '~/composables/planCalendar'
import { planTable } from '~/composables/planTable'
import { calendarItems, sheetLines } from '~/composables/sheetRows'
import { log, NAMED, records } from '../../core/room'

const NOW = '2026-03-20T05:34:00.000Z'
const start = (id: string, on: string): KeptPlan['starts'][number] => ({
  id,
  food: 'microworm',
  method: 'oats',
  on,
  vessels: 2,
  placeId: null,
  litres: 0.3,
  orderBy: null,
  forBrood: NAMED.brood!,
  neededOn: '2026-04-02',
  failure: 0.1,
  readyDays: 5,
  readyLogSd: 0.2,
  why: 'For Angels; “ready” in 5 days, and more.',
})
const kept = (at: string, starts: KeptPlan['starts']) =>
  log(at, 'plan.kept', {
    from: '2026-03-15',
    days: 60,
    certainty: 0.95,
    starts,
    facts: { broods: [], cultures: [], rounds: '', foods: '', warmth: '' },
  })
async function calendar(entries: Entry[]) {
  const state = roomState(
    records({ freeSwimmingOn: '2026-03-21', foods: ['microworm', 'brine-shrimp'] }),
    entries,
    NOW,
  )!
  const text = await planCalendar(
    calendarItems(buildRound(state, new Map()), state),
    'Test',
    'Europe/Berlin',
  )
  // An independent reader of RFC 5545.
  const root = new ICAL.Component(ICAL.parse(text) as unknown[])
  return {
    text,
    root,
    events: root.getAllSubcomponents('vevent').map(v => ({
      event: new ICAL.Event(v),
      status: v.getFirstPropertyValue('status'),
      sequence: Number(v.getFirstPropertyValue('sequence')),
      alarm: v.getFirstSubcomponent('valarm'),
    })),
  }
}

describe('the calendar', () => {
  it('is read by another parser: starts at the hour of the round, hatches and pulls, with alarms', async () => {
    const { events, root, text } = await calendar([
      kept('2026-03-19T06:00:00Z', [start('microworm-1', '2026-03-30')]),
    ])
    expect(root.getFirstPropertyValue('version')).toBe('2.0')
    expect(root.getFirstPropertyValue('x-wr-timezone')).toBe('Europe/Berlin')
    const mine = events.find(e => e.event.summary.includes('microworms'))!
    // Summer time has begun by then: 06:30 in Berlin.
    expect(mine.event.startDate.toJSDate().toISOString()).toBe('2026-03-30T04:30:00.000Z')
    expect(mine.event.uid).toContain('microworm-1')
    expect(mine.event.description).toContain('“ready” in 5 days, and more.')
    expect(mine.alarm).not.toBeNull()
    expect(events.some(e => e.event.summary.startsWith('Start Cone'))).toBe(true)
    expect(events.some(e => e.event.summary.startsWith('Harvest Cone'))).toBe(true)
    expect(new Set(events.map(e => e.event.uid)).size).toBe(events.length)
    expect(text.split('\r\n').every(line => new TextEncoder().encode(line).length <= 75)).toBe(true)
  })
  it('a start that moved keeps its name and counts up; one that was given up is cancelled', async () => {
    const first = kept('2026-03-18T06:00:00Z', [
      start('microworm-1', '2026-03-30'),
      start('microworm-2', '2026-04-02'),
    ])
    const second = kept('2026-03-19T06:00:00Z', [start('microworm-1', '2026-03-28')])
    const before = (await calendar([first])).events
    const after = (await calendar([first, second])).events
    const of = (list: typeof after, id: string) => list.find(e => e.event.uid.startsWith(id))!
    expect(of(after, 'microworm-1').event.uid).toBe(of(before, 'microworm-1').event.uid)
    expect(of(after, 'microworm-1').sequence).toBeGreaterThan(of(before, 'microworm-1').sequence)
    expect(of(after, 'microworm-1').event.startDate.toJSDate().toISOString()).toBe(
      '2026-03-28T05:30:00.000Z',
    )
    expect(of(after, 'microworm-2').status).toBe('CANCELLED')
    expect(of(before, 'microworm-2').status).toBe('CONFIRMED')
  })

  it('a hatch that is put off moves under its own name, and what fell away is cancelled: no ghost stays', async () => {
    const put = log(NOW, 'stop.answered', {
      ...{ key: '', roundKey: '', how: 'not-now' as const, minutes: 0 },
    })
    const before = await calendar([])
    const state = roomState(records({ freeSwimmingOn: '2026-03-21' }), [], NOW)!
    const stop = buildRound(state, new Map()).stops.find(x => x.kind === 'hatch')
    const { key } = stop ?? { key: '' }
    const after = await calendar([
      {
        ...put,
        data: { ...put.data, key, roundKey: buildRound(state, new Map()).current.key },
      } as Entry,
    ])
    // What a calendar holds that took in both files: of each name the newer.
    const held = new Map<string, string>()
    for (const { events } of [before, after])
      for (const e of events) held.set(e.event.uid, String(e.status))
    const standing = [...held].filter(
      ([uid, status]) => /^(hatch|pull)-/.test(uid) && status !== 'CANCELLED',
    )
    const planned = after.events.filter(
      e => /^(hatch|pull)-/.test(e.event.uid) && e.status !== 'CANCELLED',
    )
    expect(planned.length).toBeGreaterThan(0)
    expect(standing.map(([uid]) => uid).sort()).toEqual(planned.map(e => e.event.uid).sort())
  })
})

describe('the table', () => {
  it('comes back as it went, commas, quotes and all; no cell begins a formula', async () => {
    const state = roomState(records({ fry: 2000 }), [], NOW)!
    const lines = sheetLines(buildRound(state, new Map()), state)
    const text = await planTable([...lines, { ...lines[0]!, key: 'x', text: '=1+1, "x"' }])
    const { data, errors } = papa.parse<Record<string, string>>(text, { header: true })
    expect(errors).toEqual([])
    expect(data).toHaveLength(lines.length + 1)
    expect(data.slice(0, lines.length).map(d => d.text)).toEqual(lines.map(l => l.text))
    expect(data.at(-1)!.text!.startsWith('=')).toBe(false)
  })
})
