import { describe, expect, it } from 'vitest'
import { entry, type Entry } from '@renatus/core/records/entries'
import { demoAt } from '../../../tools/rooms/demoAt'
import { CORRECTABLE, entrySentence, KIND_NAMES } from '~/words/log'
import { answeredElsewhere, OTHER_ROOM, roomFileProblem } from '~/words/problems'
import { plural, roundLead } from '~/words/round'

const demo = demoAt('2026-03-24T05:34:00.000Z', 'UTC')
const say = (e: Entry) => entrySentence(e, demo.records, 'metric').replaceAll('\u00A0', ' ')

describe('the words of the log', () => {
  it('says once what came of one source, however it was shared out', () => {
    const fed = demo.entries.find(e => e.kind === 'tank.fed' && e.data.portions[0]?.source)
    if (fed?.kind !== 'tank.fed') throw new Error('nothing was fed')
    const portion = {
      ...fed.data.portions[0]!,
      organisms: 2000,
      amount: { value: 8, unit: 'mL' as const },
    }
    const twice = { ...fed, data: { ...fed.data, portions: [portion, portion] } }
    expect(say(twice)).toContain('16 mL of')
    expect(say(twice)).toContain('4,000')
    expect(say(twice).match(/ from /g)).toHaveLength(1)
  })
  it('every entry of the demo room is a sentence without holes', () => {
    for (const e of demo.entries) {
      expect(KIND_NAMES[e.kind]).toBeTruthy()
      expect(say(e)).not.toMatch(/undefined|NaN|null|something removed/)
      expect(say(e).length).toBeGreaterThan(2)
    }
  })

  it('names a record that is gone as removed, not as an id', () => {
    const fed = demo.entries.find(e => e.kind === 'tank.fed')!
    expect(entrySentence(fed, [], 'metric')).toContain('something removed')
  })

  it('what can be corrected is a number of that entry, and stays valid', () => {
    for (const [kind, fields] of Object.entries(CORRECTABLE)) {
      const sample = demo.entries.find(e => e.kind === kind)
      if (!sample) continue
      for (const f of fields) {
        expect(typeof (sample.data as Record<string, unknown>)[f.field]).toBe('number')
        expect(
          entry.safeParse({ ...sample, data: { ...sample.data, [f.field]: -1e12 } }).success,
        ).toBe(false)
      }
    }
  })
})

describe('words of refusal', () => {
  it.each([
    [{ code: 'huge', bytes: 70 * 1024 * 1024, maxBytes: 64 * 1024 * 1024 } as const, '70 MB'],
    [{ code: 'empty' } as const, 'empty'],
    [{ code: 'not-json', near: '' } as const, 'JSON'],
    [{ code: 'foreign' } as const, 'not a room file'],
    [{ code: 'newer', version: 3, known: 1 } as const, 'Update this device'],
    [{ code: 'broken', path: 'records.0.name', message: 'x' } as const, 'records.0.name'],
    [{ code: 'no-room' } as const, 'no room'],
  ])('%j says what is wrong and that nothing changed', (problem, words) => {
    expect(roomFileProblem(problem)).toContain(words)
    expect(roomFileProblem(problem)).toContain('Nothing was changed here.')
  })
  it('no message scolds or shouts', () => {
    for (const text of [
      answeredElsewhere({ code: 'answered', by: 'phone', at: '2026-03-24T05:34:00Z' }, 'UTC'),
      OTHER_ROOM('A', 'B'),
      roundLead(0, 0, false),
      roundLead(3, 12, true),
    ])
      expect(text).not.toMatch(/!|must not|wrong user/i)
  })
  it('counts in words', () => {
    expect([
      plural(1, 'stop'),
      plural(2, 'stop'),
      plural(1, 'entry', 'entries'),
      plural(1200, 'entry', 'entries'),
    ]).toEqual(['1 stop', '2 stops', '1 entry', '1,200 entries'])
  })
})
