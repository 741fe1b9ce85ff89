import type { GelBox } from '@renatus/core/stock/gelBoxes'
import type { EntryData } from '@renatus/core/records/entries'
import { addHours } from '@renatus/core/time/localDate'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { pieces } from '~/words/gel'
import { answeredElsewhere } from '~/words/problems'
import { useUndo } from './useUndo'

const subject = (id: string) => ({ type: 'store', id })

/** What a person does with gel, written to the log. Each returns a problem in words, or null. */
export function useGelActions() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(
    drafts: readonly Draft[],
    said: string,
    answers: string | null = null,
  ): Promise<string | null> {
    const result = await room.write(drafts, answers)
    if (!result.ok) return answeredElsewhere(result, room.timeZone)
    undo.offer(result.act, said, answers ?? undefined)
    return null
  }

  const discard = (box: GelBox, reason: string) =>
    write(
      [
        {
          kind: 'store.discarded',
          subject: subject(box.id),
          data: { storeId: box.id, name: box.name, amount: box.pieces, reason },
        },
      ],
      `${box.name} is thrown out.`,
    )
  const count = (box: GelBox, left: number) =>
    write(
      [
        {
          kind: 'store.counted',
          subject: subject(box.id),
          data: { storeId: box.id, name: box.name, amount: left },
        },
      ],
      `${box.name}: ${pieces(left)}.`,
    )
  const cooked = (
    data: Omit<EntryData<'gel.cooked'>, 'batchId'> & { batchId?: string },
    answers: string | null = null,
  ) => {
    const batchId = data.batchId ?? newId()
    return write(
      [{ kind: 'gel.cooked', subject: subject(batchId), data: { ...data, batchId } }],
      `${data.boxName}: ${pieces(data.pieces)} in the ${data.store}.`,
      answers,
    )
  }
  /** A wait of the kitchen: it runs along the top of every view. */
  const clock = (label: string, minutes: number, mixId: string) =>
    write(
      [
        {
          kind: 'clock.started',
          subject: { type: 'gel-mix', id: mixId },
          data: {
            clockId: newId(),
            label,
            endsAt: addHours(room.now, minutes / 60),
            about: { type: 'gel-mix', id: mixId },
          },
        },
      ],
      `${label}: the clock runs.`,
    )
  return { discard, count, cooked, clock }
}
