import { entry, type Entry } from '@renatus/core/records/entries'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { coverNow } from '@renatus/core/round/stops/cook/find'
import { kitchenIngredients } from '@renatus/core/stock/gelKitchen'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { addHours, toMs, type Instant } from '@renatus/core/time/localDate'
import type { RoundOccurrence } from '@renatus/core/time/rounds'

/** Days the loft's box still lasts. */
export const GEL_DAYS = 4
/** A mould for beads: what one cell takes is a meal's worth of bites for a school of fry. */
const TRAY = { cells: 150, lengthMm: 6, widthMm: 6, heightMm: 6 }
/** Found by the formula programme for omnivores of 8 to 15 mm, nearest to the targets, with what is ticked below; rounded to a tenth of a percent. */
const SHARES = [
  ['fish-meal', 0.257],
  ['spirulina', 0.034],
  ['wheat-flour', 0.3],
  ['shrimp', 0.199],
  ['egg', 0.1435],
  ['paprika', 0.0075],
  ['vitamins', 0.01],
  ['agar', 0.049],
] as const

const LARDER = [
  'fish-meal',
  'spirulina',
  'wheat-flour',
  'shrimp',
  'egg',
  'peas',
  'fish-oil',
  'paprika',
  'vitamins',
]

/** Diets, tray and what is at hand in the kitchen of the loft. */
export function gelShelf(
  records: readonly AnyRecord[],
  begun: Instant,
  id: () => string,
): AnyRecord[] {
  const base = { updatedAt: begun, removedAt: null }
  const gudgeon = records.find(r => r.type === 'brood' && r.name === 'Peacock gudgeon')
  const made: unknown[] = [
    {
      ...base,
      id: id(),
      type: 'gel-mix',
      name: 'Harbour powder',
      label: { protein: 42, fat: 8, fibre: 3.5, ash: 10, moisture: 7 },
      gPerMl: 0.55,
      costPerKg: 36,
      particleUm: 125,
      binder: 'powder',
      firmness: 'standard',
      parts: 3,
      grams: 180,
      weighedAt: begun,
      formula: null,
      broodIds: [],
      job: 'pick',
    },
    {
      ...base,
      id: id(),
      type: 'gel-mix',
      name: 'Gudgeon agar',
      label: { protein: 49.3, fat: 10, fibre: 2, ash: 7, moisture: 0 },
      gPerMl: 0.55,
      costPerKg: 22,
      particleUm: 125,
      binder: 'agar',
      firmness: 'standard',
      parts: 3,
      grams: null,
      weighedAt: null,
      broodIds: gudgeon ? [gudgeon.id] : [],
      job: 'pick',
      formula: {
        shares: SHARES.map(([ingredient, share]) => ({ id: ingredient, share })),
        waterByMass: 2.5,
        sieveUm: 125,
        objective: 'nearest',
        targets: {
          protein: [42, 50],
          fat: [8, 12],
          fibre: [0, 4],
          ash: [0, 14],
          calcium: 0,
          phosphorus: 0,
        },
      },
    },
    { ...base, id: id(), type: 'gel-tray', name: 'Bead mould', form: 'tray', fill: TRAY },
    { ...base, id: id(), type: 'gel-tray', name: 'Flat bag, small', form: 'bag', fill: { ml: 60 } },
  ]
  // What stands in the kitchen, as the table knows it; the shrimp are cheaper by the harbour.
  const larder = kitchenIngredients([])
    .filter(i => LARDER.includes(i.id))
    .map(
      ({
        id: basedOn,
        name,
        label,
        calcium,
        phosphorus,
        costPerKg,
        particleUm,
        milling,
        gPerMl,
        role,
        collagen,
        most,
      }) => ({
        ...base,
        id: id(),
        type: 'gel-ingredient',
        basedOn,
        name,
        label,
        calcium,
        phosphorus,
        costPerKg: basedOn === 'shrimp' ? 9 : costPerKg,
        particleUm,
        milling,
        gPerMl,
        role,
        collagen,
        most,
        atHand: true,
      }),
    )
  return [...made, ...larder].map(r => anyRecord.parse(r))
}

/**
 * Somebody counted the box this week: what is in it lasts for some days.
 * @param last the round before
 * @param now when the next one begins
 */
export function countedBox(
  records: readonly AnyRecord[],
  entries: readonly Entry[],
  last: RoundOccurrence,
  now: Instant,
  makeId: (ms: number) => string,
): Entry[] {
  const at = addHours(last.at, 0.95)
  const coverOf = (state: RoomState) =>
    coverNow(state, GEL_DAYS + 3).find(c => c.mix.broodIds.length === 0)
  const here = roomState(records, entries, now)!
  const { boxes } = here.gel
  const cover = coverOf(here)
  const mine = boxes.filter(b => b.mixId === cover?.mix.id)
  const id = makeId(toMs(at))
  const counted = (box: (typeof mine)[number], pieces: number) =>
    entry.parse({
      id,
      at,
      by: 'phone loft',
      act: id,
      supersedes: null,
      answers: null,
      kind: 'store.counted',
      subject: { type: 'store', id: box.id },
      data: { storeId: box.id, name: box.name, amount: pieces },
    })
  const box = mine[0]
  if (!box) return []
  /** Days that it lasts with so many in it; the state of the room hangs on them in nothing else. */
  const lasts = (pieces: number) => {
    const left = boxes.map(b => (b === box ? { ...b, pieces } : b))
    return coverOf({ ...here, gel: { ...here.gel, boxes: left } })?.days ?? Infinity
  }
  // The more there are the longer they last: the least that lasts long enough, by halves of a piece.
  let [none, enough] = [-1, Math.floor(2 * box.piecesMade)]
  while (enough - none > 1) {
    const middle = Math.floor((none + enough) / 2)
    if (lasts(middle / 2) >= GEL_DAYS) enough = middle
    else none = middle
  }
  return lasts(enough / 2) === GEL_DAYS ? [counted(box, enough / 2)] : []
}
