import { materialOf } from '../../foods/materials'
import { ofKind } from '../../records/effectiveEntries'
import type { MaterialRecord } from '../../records/records'
import type { RoomState } from '../../stock/roomState'
import { addDays, addHours, localDateOf } from '../../time/localDate'
import { BEHIND_D } from '../cystUse'
import type { MaterialUses } from '../materialUse'
import type { Horizon, Told } from '../provision'

/** Things that recipes take, and the user's own. */
export function materials({ state }: Horizon, uses: MaterialUses): Told[] {
  return state.materials.map(({ record, left, overdrawn, cameAt, pricePerUnit }): Told => {
    const book = record.of === null ? null : materialOf(record.of)
    const keeps = record.keepsDays ?? book?.keepsDays ?? null
    const cameOn = cameAt === null ? null : localDateOf(cameAt, state.room.timeZone)
    return {
      id: record.id,
      kind: 'material',
      name: record.name,
      of: record.of,
      unit: record.unit,
      left,
      overdrawn,
      before: 0,
      ...(useOf(record, uses) ?? takenOfLate(state, record.id)),
      pack: packOf(record),
      leadDays: record.leadDays,
      keepsDays: keeps,
      least: record.least,
      staleOn: keeps !== null && cameOn !== null ? addDays(cameOn, keeps) : null,
      pricePerUnit,
    }
  })
}
type Used = Pick<Told, 'use' | 'doubt'>
/** Vinegar and water, half and half. */
const MIXED_OF_HALF = 2
/** How much of a mix brings a unit of what it stands for. */
const mixPerUnit = ({ saltGL }: MaterialRecord): number =>
  saltGL === null ? MIXED_OF_HALF : 1000 / saltGL

/** What is used of a material by day; a mix is used in the place of what it is made of. Null where no recipe takes it. */
function useOf(r: MaterialRecord, uses: MaterialUses): Used | null {
  if (r.of === null) return null
  const { insteadOf } = materialOf(r.of)
  const use = uses.get(insteadOf ?? r.of)
  if (!use) return null
  const per = insteadOf === undefined ? 1 : mixPerUnit(r)
  const { times, each } = use.doubt
  return { use: use.byDay.map(u => u * per), doubt: { times, each: each * per } }
}

/** How it is bought; null where it is mixed here. */
function packOf(r: MaterialRecord): Told['pack'] {
  const book = r.of === null ? null : materialOf(r.of)
  const size = r.packSize ?? book?.pack ?? null
  if (size === null || book?.insteadOf !== undefined) return null
  return { size, price: r.packPrice, from: r.from }
}

/** What a room takes of its own things: as of late. */
function takenOfLate(state: RoomState, materialId: string): Used {
  const since = addHours(state.now, -BEHIND_D * 24)
  const taken = [
    ...ofKind(state.entries, 'material.taken').map(e => ({ at: e.at, ...e.data })),
    ...ofKind(state.entries, 'material.mixed').flatMap(e =>
      e.data.out.map(o => ({ at: e.at, ...o })),
    ),
  ].filter(t => t.materialId === materialId && t.at >= since)
  const sum = taken.reduce((total, t) => total + t.amount, 0)
  const each = taken.length > 0 ? sum / taken.length : 0
  return { use: [sum / BEHIND_D], doubt: { times: taken.length, each } }
}
