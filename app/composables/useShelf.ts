import { computed, type Ref } from 'vue'
import type { Level } from '@renatus/core/records/vocabulary'
import type { Vessel } from '@renatus/core/records/records'
import { LEVELS } from '@renatus/core/records/vocabulary'
import { running, type CultureState } from '@renatus/core/stock/cultures'
import { airAt, airNow } from '@renatus/core/stock/placeTemperature'
import { useRoomStore } from '~/stores/room'

export interface ShelfRow {
  level: Level
  airC: number | null
  cultures: CultureState[]
}
/** `hatches`: hatch vessels that stand there, empty or not. */
export interface ShelfPlace {
  id: string | null
  name: string
  rows: ShelfRow[]
  hatches: readonly Vessel[]
  count: number
}

const byOrder = (a: CultureState, b: CultureState) =>
  (a.record.order ?? 0) - (b.record.order ?? 0) || (a.id < b.id ? -1 : 1)

/** The room in elevation: places, their heights from the top down, and what stands there from left to right. */
export function useShelf(all: Ref<boolean>) {
  const room = useRoomStore()
  const cultures = computed(() => running(room.state?.cultureStates ?? []))
  const places = computed((): ShelfPlace[] => {
    const state = room.state
    if (!state) return []
    const known = new Set(state.places.map(p => p.id))
    const here = [
      ...state.places.map(p => ({
        id: p.id as string | null,
        name: p.name,
        air: airNow(p, state.entries),
      })),
      { id: null, name: 'Nowhere in particular', air: { topC: null, bottomC: null } },
    ]
    return here
      .map(p => {
        const mine = cultures.value.filter(c =>
          p.id === null ? c.placeId === null || !known.has(c.placeId) : c.placeId === p.id,
        )
        const rows = LEVELS.map(level => ({
          level,
          airC: airAt(p.air, level),
          cultures: mine.filter(c => c.level === level).sort(byOrder),
        }))
        const hatches = state.hatchVessels.filter(v => v.placeId === p.id)
        return {
          id: p.id,
          name: p.name,
          hatches,
          count: mine.length + hatches.length,
          rows: all.value ? rows : rows.filter(r => r.cultures.length > 0),
        }
      })
      .filter(p => p.count > 0 || (all.value && p.id !== null))
  })
  return { cultures, places }
}
