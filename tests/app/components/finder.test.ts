import { describe, expect, it } from 'vitest'
import { roomState } from '@renatus/core/stock/roomState'
import { asker } from '~/components/finder/ask'
import { readStart } from '~/components/start/startDraft'
import { nextNames } from '@renatus/core/stock/newCultures'
import { addressField } from '~/words/fields'
import { backWords } from '~/words/tending'
import { cultureOf } from '../../core/cultureRoom'
import { records } from '../../core/room'

const START = '2026-03-01T06:00:00Z'
const jar = { ...cultureOf('moina', START), name: 'Oar bucket', code: 'ARB' }
const state = roomState(
  [...records(), jar, { ...cultureOf('paramecium', START), name: 'Sail jar', code: 'SAL' }],
  [],
  START,
)!

describe('asking', () => {
  const ask = asker(state)
  const names = (q: string) => ask(q).map(f => f.name)
  it('knows the letters on the tape before any name', () => {
    expect(names('arb')[0]).toBe('Oar bucket')
    expect(names('SAL')[0]).toBe('Sail jar')
  })
  it('finds vessels, broods, lots, methods, views and things to do, by any of their words', () => {
    expect(names('angels')).toContain('Angels')
    expect(names('power')[0]).toBe('Power cut, heater off or stuck on, heat')
    expect(names('moina spirulina')[0]).toBe('Moina: yeast with spirulina')
    expect(names('setup')).toContain('Setup')
    expect(names('oar bukcet')[0] ?? names('oar buckt')[0]).toBe('Oar bucket')
    expect(names('').length).toBeGreaterThan(5)
  })
  it.each([
    ['start moina', 'Start Moina'],
    ['labels', 'Print labels'],
    ['undo', 'Take something back'],
    ['I am away for a weekend', 'A sheet for who looks after the room'],
    ['backup', 'Export the room, or bring one back'],
  ])('“%s” leads to where it is done', (q, name) => expect(names(q)[0]).toBe(name))
  it('answers from methods, trouble and cautions in their own sentences', () => {
    for (const f of ask('tap water')) expect(`${f.name} ${f.what} ${f.answer}`).toMatch(/\btap/i)
    expect(ask('tap water').length).toBeGreaterThan(1)
    expect(ask('bleach vinegar')[0]!.answer).toContain('chlorine')
    expect(ask('moina overfed')[0]!.answer).toMatch(/^Stop feeding/)
  })
  it('says who bears so many degrees, in either scale', () => {
    const of = (q: string) => ask(q).find(f => f.key === 'degrees')
    expect(of('31 degrees')!.name).toBe('At 31\u00a0°C')
    expect(of('88 F')!.name).toBe('At 31.1\u00a0°C')
    expect(of('60 degrees')!.name).toBe('At 15.6\u00a0°C')
    expect(of('31 degrees')!.answer).toMatch(/Moina/)
    expect(of('jar 31')).toBeUndefined()
  })
  it('has no answer to what it does not know', () => {
    for (const q of ['zzz', 'capital of france', 'the', '????']) expect(names(q)).toEqual([])
  })
})

describe('names, drafts and addresses', () => {
  it('says when a harvest is back, and never promises it of what dwindles', () => {
    expect([null, 0.5, 1, 3.4].map(backWords)).toEqual([
      'it is not expected to grow back: use it while it is there',
      'it is back tomorrow',
      'it is back tomorrow',
      'it is back in about 3 days',
    ])
  })
  it('count on from what is there and step over names in use', () => {
    expect(nextNames('Jar 3', 2, new Set(['Jar 5']))).toEqual(['Jar 4', 'Jar 6'])
    expect(nextNames('Bucket', 1, new Set())).toEqual(['Bucket 2'])
  })
  it('a start that was left is taken up again; what cannot be read is begun anew', () => {
    const left = readStart(null, () => 'A')
    // What nobody chose is not chosen for them; what they chose survives.
    expect([
      left.origin,
      readStart(JSON.stringify({ ...left, origin: 'bought' }), () => 'B').origin,
    ]).toEqual(['', 'bought'])
    expect(
      readStart(JSON.stringify({ ...left, name: 'Jar', ticked: [0, 1] }), () => 'B'),
    ).toMatchObject({ id: 'A', name: 'Jar', ticked: [0, 1] })
    for (const broken of ['', 'no json', '{"id":5}', '[]', '{"id":"A","vesselKind":"spoon"}'])
      expect(readStart(broken, () => 'B').id).toBe('B')
  })
  it('takes an address with http, and says what one looks like', () => {
    expect(addressField.parse('http://loft.local:3000/')).toBe('http://loft.local:3000')
    expect(addressField.parse(' ')).toBe('')
    for (const bad of ['loft', 'ftp://x', 'http://'])
      expect(addressField.safeParse(bad).error!.issues[0]!.message).toContain(
        'Address for phones cannot be',
      )
  })
})
