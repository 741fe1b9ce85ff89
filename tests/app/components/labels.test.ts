import { array, assert, constantFrom, integer, property } from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fitsPaper, LABEL_SHEETS, pagesOf, slotsOf } from '~/components/labels/labelSheets'
import { cultureOnLabel } from '~/composables/cultureOnLabel'

describe('sheets of labels', () => {
  it('every sheet lies on its paper, and no label is smaller than its code', () => {
    for (const s of LABEL_SHEETS) {
      expect(fitsPaper(s), s.id).toBe(true)
      expect(s.heightMm).toBeGreaterThanOrEqual(37)
    }
  })
  it('every label stands once, in order, behind what is left empty, and pages are whole', () => {
    assert(
      property(
        array(integer()),
        constantFrom(...LABEL_SHEETS),
        integer({ min: -3, max: 40 }),
        (labels, sheet, first) => {
          const pages = pagesOf(labels, sheet, first)
          expect(pages.every(p => p.length === slotsOf(sheet))).toBe(true)
          expect(pages.flat().filter(x => x !== null)).toEqual(labels)
          const begins = Math.min(slotsOf(sheet), Math.max(1, first))
          if (labels.length > 0) expect(pages.flat().findIndex(x => x !== null)).toBe(begins - 1)
        },
      ),
    )
  })
})

describe('what a code says', () => {
  it.each([
    ['http://loft.local:3000/shelf/01KM7EMA20ZYA37MJFH0XDBTQ6', '01KM7EMA20ZYA37MJFH0XDBTQ6'],
    ['http://other/shelf/01KM7EMA20ZYA37MJFH0XDBTQ6?x=1', '01KM7EMA20ZYA37MJFH0XDBTQ6'],
    ['http://loft.local/shelf/start', null],
    ['WIFI:T:WPA;S:loft;P:secret;;', null],
    ['', null],
  ])('%s', (text, id) => expect(cultureOnLabel(text)).toBe(id))
})
