import { materialOf } from '../../foods/materials'
import { ofKind } from '../../records/effectiveEntries'
import type { MaterialRecord } from '../../records/records'
import type { MaterialId } from '../../records/vocabulary'
import type { RoomState } from '../../stock/roomState'
import { addDays, addHours, localDateOf } from '../../time/localDate'
import { BEHIND_D } from '../cystUse'
import type { Horizon, Told } from '../provision'

/** Things that recipes take, and the user's own. */
export function materials({ state }: Horizon, use: ReadonlyMap<MaterialId, number[]>): Told[] {
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
      use: useOf(record, use) ?? takenOfLate(state, record.id),
      pack: packOf(record),
      leadDays: record.leadDays,
      keepsDays: keeps,
      least: record.least,
      staleOn: keeps !== null && cameOn !== null ? addDays(cameOn, keeps) : null,
      pricePerUnit,
    }
  })
}
/** Vinegar and water, half and half. */
const MIXED_OF_HALF = 2
/** How much of a mix brings a unit of what it stands for. */
const mixPerUnit = ({ saltGL }: MaterialRecord): number =>
  saltGL === null ? MIXED_OF_HALF : 1000 / saltGL

/** What is used of a material by day; a mix is used in the place of what it is made of. Null where no recipe takes it. */
function useOf(r: MaterialRecord, use: ReadonlyMap<MaterialId, number[]>): number[] | null {
  if (r.of === null) return null
  const { insteadOf } = materialOf(r.of)
  if (insteadOf === undefined) return use.get(r.of) ?? null
  return use.get(insteadOf)?.map(u => u * mixPerUnit(r)) ?? null
}

/** How it is bought; null where it is mixed here. */
function packOf(r: MaterialRecord): Told['pack'] {
  const book = r.of === null ? null : materialOf(r.of)
  const size = r.packSize ?? book?.pack ?? null
  if (size === null || book?.insteadOf !== undefined) return null
  return { size, price: r.packPrice, from: r.from }
}

/** What a room takes of its own things: as of late. */
function takenOfLate(state: RoomState, materialId: string): number[] {
  const since = addHours(state.now, -BEHIND_D * 24)
  const taken = [
    ...ofKind(state.entries, 'material.taken').map(e => ({ at: e.at, ...e.data })),
    ...ofKind(state.entries, 'material.mixed').flatMap(e =>
      e.data.out.map(o => ({ at: e.at, ...o })),
    ),
  ].filter(t => t.materialId === materialId && t.at >= since)
  return [taken.reduce((sum, t) => sum + t.amount, 0) / BEHIND_D]
}
