import { materialOf } from '../../foods/materials'
import { ofKind } from '../../records/effectiveEntries'
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
      use: (record.of && use.get(record.of)) ?? takenOfLate(state, record.id),
      pack: packOf(record),
      leadDays: record.leadDays,
      keepsDays: keeps,
      least: record.least,
      staleOn: keeps !== null && cameOn !== null ? addDays(cameOn, keeps) : null,
      pricePerUnit,
    }
  })
}
const packOf = (r: RoomState['materials'][number]['record']): Told['pack'] => {
  const size = r.packSize ?? (r.of === null ? null : materialOf(r.of).pack)
  return size === null ? null : { size, price: r.packPrice, from: r.from }
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
