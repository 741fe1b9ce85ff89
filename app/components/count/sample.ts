import { foodProfiles } from '@renatus/core/foods/profiles'
import type { RoomState } from '@renatus/core/stock/roomState'

/** What a sample was taken from: a hatch, a culture, or water of which only the density matters. */
export interface Sample {
  key: string
  label: string
  group: string
  of: { type: 'hatch' | 'culture'; id: string } | null
  foodId: string
  litres: number | null
}

export const unitsOf = (foodId: string) =>
  foodProfiles.find(f => f.id === foodId)?.units ?? 'animals'

/** Everything that can be sampled in a room, what runs first. */
export function samples(state: RoomState): Sample[] {
  const vessel = (id: string) => state.vessels.find(v => v.id === id)?.name ?? 'Removed vessel'
  const ended = new Set(
    state.entries.flatMap(e => (e.kind === 'culture.ended' ? [e.data.cultureId] : [])),
  )
  return [
    ...state.runs
      .filter(r => r.endedAt === null)
      .map((r): Sample => ({
        key: `hatch:${r.id}`,
        label: vessel(r.setup.vesselId),
        group: 'Hatching now',
        of: { type: 'hatch', id: r.id },
        foodId: 'brine-shrimp',
        litres: r.setup.waterL,
      })),
    ...state.cultures
      .filter(c => !ended.has(c.id))
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
