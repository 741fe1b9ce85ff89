import { NAUPLII } from '@renatus/core/foods/hatchProfile'
import { running } from '@renatus/core/stock/cultures'
import { foodProfiles } from '@renatus/core/foods/profiles'
import type { RoomState } from '@renatus/core/stock/roomState'

/** What a sample was taken from: a hatch, a culture, or water of which only the density matters. */
export interface Sample {
  key: string
  label: string
  group: string
  of: { type: 'culture'; id: string } | null
  foodId: string
  litres: number | null
}

export const unitsOf = (foodId: string) =>
  foodProfiles.find(f => f.id === foodId)?.units ?? 'animals'

/** Everything that can be sampled in a room, what runs first. */
export function samples(state: RoomState): Sample[] {
  return [
    ...state.hatches
      .filter(r => r.endedAt === null)
      .map((r): Sample => ({
        key: `hatch:${r.id}`,
        label: r.name,
        group: 'Hatching now',
        of: { type: 'culture', id: r.id },
        foodId: NAUPLII,
        litres: r.setup.waterL,
      })),
    ...running(state.cultureStates)
      .map(c => c.record)
      .map((c): Sample => ({
        key: `culture:${c.id}`,
        label: c.name,
        group: 'Cultures',
        of: { type: 'culture', id: c.id },
        foodId: c.foodId,
        litres: c.litres,
      })),
    ...foodProfiles.map((f): Sample => ({
      key: `food:${f.id}`,
      label: f.name,
      group: 'Any other water',
      of: null,
      foodId: f.id,
      litres: null,
    })),
  ]
}
