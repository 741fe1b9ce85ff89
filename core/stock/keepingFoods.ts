import type { RecordDraft } from '../records/draft'
import type { RoomState } from './roomState'

/** What stands or grows here is offered: the record of the room with these foods; none where it has them. */
export function keepingFoods(
  { room }: Pick<RoomState, 'room'>,
  more: readonly string[],
): RecordDraft[] {
  const foods = [...new Set([...room.foods, ...more])]
  return foods.length > room.foods.length ? [{ ...room, foods }] : []
}
