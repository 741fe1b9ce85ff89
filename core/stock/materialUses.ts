import type { FeedRule } from '../foods/contract'
import { foodOf } from '../foods/index'
import { materialOf } from '../foods/materials'
import { feedTakes, startTakes, type MaterialAmounts } from '../foods/takes'
import type { Entry, EntryOf } from '../records/entries'
import type { CultureRecord, MaterialRecord } from '../records/records'
import type { MaterialId } from '../records/vocabulary'
import type { Instant } from '../time/localDate'
import { BLEACH_ML_PER_G_CHLORINE } from '../water/bleach'
import { USED_PER_GRAM } from '../water/decapsulation'

/** Something was used up, as the log tells: a material of recipes, or one record of the room. */
export interface MaterialUse {
  at: Instant
  /** What recipes call it; null where a record is named. */
  of: MaterialId | null
  materialId: string | null
  amount: number
  /** The culture that it went into; null for all else. */
  cultureId: string | null
}

interface Known {
  cultures: ReadonlyMap<string, CultureRecord>
  materials: ReadonlyMap<string, MaterialRecord>
}

const usesOf = (e: Entry, amounts: MaterialAmounts, cultureId: string | null): MaterialUse[] =>
  Object.entries(amounts).flatMap(([of, amount]) =>
    amount > 0 ? [{ at: e.at, of: of as MaterialId, materialId: null, amount, cultureId }] : [],
  )
const named = (
  e: Entry,
  taken: readonly { materialId: string; amount: number }[],
  cultureId: string | null,
): MaterialUse[] => taken.map(t => ({ at: e.at, of: null, ...t, cultureId }))

/** What went into a hatch beside the cysts. */
const hatchTakes = ({ data }: EntryOf<'culture.started'>): MaterialAmounts =>
  data.hatch ? { salt: data.hatch.saltG, soda: data.hatch.sodaG } : {}

const methodOf = (c: CultureRecord | undefined) =>
  c && foodOf(c.foodId)?.methods.find(m => m.id === c.methodId)

function ofStart(e: EntryOf<'culture.started'>, known: Known): MaterialUse[] {
  const { cultureId, taken } = e.data
  const record = known.cultures.get(cultureId)
  const method = methodOf(record)
  const recipe = e.data.hatch || !method ? hatchTakes(e) : startTakes(method, record!.litres)
  const amounts = { ...recipe }
  for (const t of taken ?? []) {
    const of = known.materials.get(t.materialId)?.of
    const instead = of && materialOf(of).insteadOf
    if (instead) delete amounts[instead]
    if (of) delete amounts[of]
  }
  return [...usesOf(e, amounts, cultureId), ...named(e, taken ?? [], cultureId)]
}

/** What was fed, in the unit of the rule; 0 where it was told in another. */
function fedBy(rule: FeedRule, { data }: EntryOf<'culture.did'>, litres: number): number {
  if (data.amount === null) return 0
  if (data.unit === rule.unit || data.unit === null) return data.amount
  return data.unit === 'mgPerL' && rule.unit === 'g' ? (data.amount * litres) / 1000 : 0
}

function ofDeed(e: EntryOf<'culture.did'>, known: Known): MaterialUse[] {
  const record = known.cultures.get(e.data.cultureId)
  const method = methodOf(record)
  if (!method) return []
  const { action, cultureId } = e.data
  if (action === 'renew') return usesOf(e, startTakes(method, record!.litres), cultureId)
  const isFeed = action === 'feed' || action === 'dose'
  if (!isFeed || !method.feed) return []
  return usesOf(e, feedTakes(method.feed, fedBy(method.feed, e, record!.litres)), cultureId)
}

function ofEntry(e: Entry, known: Known): MaterialUse[] {
  switch (e.kind) {
    case 'culture.started':
      return ofStart(e, known)
    case 'culture.did':
      return ofDeed(e, known)
    case 'lot.decapsulated': {
      const bleach = USED_PER_GRAM.activeChlorineG * BLEACH_ML_PER_G_CHLORINE * e.data.grams
      return usesOf(e, { bleach, thiosulphate: USED_PER_GRAM.thiosulphateG * e.data.grams }, null)
    }
    case 'material.taken':
      return named(e, [{ materialId: e.data.materialId, amount: e.data.amount }], null)
    case 'material.mixed':
      return named(e, e.data.out, null)
    default:
      return []
  }
}

/** Everything that a log used up, in order of time. */
export function materialUses(
  entries: readonly Entry[],
  cultures: readonly CultureRecord[],
  materials: readonly MaterialRecord[],
): MaterialUse[] {
  const known = {
    cultures: new Map(cultures.map(c => [c.id, c])),
    materials: new Map(materials.map(m => [m.id, m])),
  }
  return entries.flatMap(e => ofEntry(e, known))
}
