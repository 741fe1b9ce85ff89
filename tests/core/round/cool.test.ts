import { expect, it } from 'vitest'
import { place as placeSchema } from '@renatus/core/records/roomRecords'
import { cultureOf } from '../cultureRoom'
import { log, NAMED, records, roundFor, uid } from '../room'

const NOW = '2026-03-20T16:00:00Z'
const PLACE = records().find(r => r.type === 'place')!
const cellarAt = (bottomC: number) =>
  placeSchema.parse({ ...PLACE, id: CELLAR, name: 'Cellar', topC: null, bottomC })
const CELLAR = uid()

function coolsOf(airC: number, cellarC = 18) {
  const worms = cultureOf('white-worm', '2026-02-20T06:00:00Z', {
    warmth: 'place',
    placeId: NAMED.place!,
  })
  const hot = log(NOW, 'place.temperature', {
    placeId: NAMED.place!,
    topC: airC as never,
    bottomC: null as never,
    was: { topC: null, bottomC: null },
  })
  const { round } = roundFor([...records(), cellarAt(cellarC), worms] as never, [hot], NOW)
  return round.stops.filter(s => s.kind === 'cool')
}

it('what stands too warm is carried to the coolest place that it bears', () => {
  expect(coolsOf(27)).toMatchObject([{ to: { name: 'Cellar' }, hereC: 27, thereC: 18 }])
  expect(coolsOf(20)).toEqual([])
  // A place that is hardly cooler is not worth the way.
  expect(coolsOf(24, 23)).toEqual([])
})
