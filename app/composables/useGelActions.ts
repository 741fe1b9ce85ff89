import type { OldGelStop, TubStop } from '@renatus/core/round/gelStops'
import type { GelBox } from '@renatus/core/stock/gelBoxes'
import type { EntryData } from '@renatus/core/records/entries'
import { addHours } from '@renatus/core/time/localDate'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { pieces } from '~/words/gel'
import { ANSWERED_ELSEWHERE } from '~/words/problems'
import { useUndo } from './useUndo'

const subject = (id: string) => ({ type: 'gel-box', id })

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
    if (!result.ok) return ANSWERED_ELSEWHERE
    undo.offer(result.act, said, answers ?? undefined)
    return null
  }

  /** @param taken pieces by tank, as they were taken */
  const tub = (stop: TubStop, taken: Readonly<Record<string, number>>) => {
    const tanks = stop.tanks.map(t => ({ tankId: t.tankId, pieces: taken[t.tankId] ?? t.pieces }))
    const all = tanks.reduce((n, t) => n + t.pieces, 0)
    return write(
      [
        {
          kind: 'gel.tubbed',
          subject: subject(stop.box.id),
          data: {
            boxId: stop.box.id,
            boxName: stop.box.name,
            on: room.round!.current.date,
            tanks,
            pieces: all,
          },
        },
      ],
      `${pieces(all)} of ${stop.box.name} in the day’s tub.`,
      stop.key,
    )
  }
  const discard = (box: GelBox, reason: string, answers: string | null = null) =>
    write(
      [
        {
          kind: 'gel.discarded',
          subject: subject(box.id),
          data: { boxId: box.id, boxName: box.name, pieces: box.pieces, reason },
        },
      ],
      `${box.name} is thrown out.`,
      answers,
    )
  const old = (stop: OldGelStop) => discard(stop.box, 'past its days', stop.key)
  const count = (box: GelBox, left: number) =>
    write(
      [
        {
          kind: 'gel.counted',
          subject: subject(box.id),
          data: { boxId: box.id, boxName: box.name, pieces: left },
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
  const ordered = (text: string, answers: string) =>
    write(
      [{ kind: 'note', subject: { type: 'stock', id: 'cysts' }, data: { text } }],
      'The order is written down.',
      answers,
    )
  return { tub, discard, old, count, cooked, clock, ordered }
}
