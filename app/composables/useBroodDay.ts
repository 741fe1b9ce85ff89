import { computed, type Ref } from 'vue'
import type { FeedProfile } from '@renatus/core/feeds/contract'
import { edible } from '@renatus/core/fry/edibles'
import type { LadderDay } from '@renatus/core/fry/ladder'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import type { BroodState } from '@renatus/core/stock/broodState'
import { useRoomStore } from '~/stores/room'

/** Foods of a day, the largest share first. */
export const foodsOnTable = (day: LadderDay | null): FeedProfile[] =>
  day
    ? Object.entries(day.share)
        .filter(([, s]) => s >= 0.02)
        .sort((a, b) => b[1] - a[1])
        .flatMap(([id]) => edible(id) ?? [])
    : []

/** Today's day of a brood's ladder (its first feeding day before that), and the foods on the table, the largest share first. */
export function useBroodDay(brood: Ref<BroodState>) {
  const room = useRoomStore()
  const day = computed(() =>
    room.state
      ? (broodLadder(brood.value, room.state.room, Math.max(0, brood.value.day), 1)[0] ?? null)
      : null,
  )
  const foods = computed(() => foodsOnTable(day.value))
  return { day, foods }
}
