import type { ActionKind, AmountUnit, HarvestGrade, Sign } from '@renatus/core/records/vocabulary'
import type { CultureRecord } from '@renatus/core/records/records'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

/** What a person does at a culture, written to the log. */
export function useCultureActions() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(c: CultureRecord, drafts: readonly Draft[], said: string): Promise<boolean> {
    const result = await room.write(drafts)
    if (result.ok) undo.offer(result.act, `${c.name}: ${said}`)
    return result.ok
  }
  const subject = (c: CultureRecord) => ({ type: 'culture', id: c.id })
  return {
    looked: (c: CultureRecord, signs: Partial<Record<Sign, number>>, note: string) => write(c, [
      { kind: 'culture.looked', subject: subject(c), data: { cultureId: c.id, signs } },
      ...(note.trim() ? [{ kind: 'note' as const, subject: subject(c), data: { text: note.trim() } }] : []),
    ], 'the look is written down.'),
    did: (c: CultureRecord, action: ActionKind, said: string, amount: number | null = null, unit: AmountUnit | null = null) => write(c, [{ kind: 'culture.did', subject: subject(c), data: { cultureId: c.id, action, amount, unit } }], said),
    harvested: (c: CultureRecord, share: number, seen: HarvestGrade) => write(c, [{ kind: 'culture.harvested', subject: subject(c), data: { cultureId: c.id, seen, share } }], 'the harvest is written down.'),
    refused: (c: CultureRecord) => write(c, [{ kind: 'culture.refused', subject: subject(c), data: { cultureId: c.id } }], 'left to grow.'),
    temperature: (c: CultureRecord, c1: number) => write(c, [{ kind: 'culture.temperature', subject: subject(c), data: { cultureId: c.id, temperatureC: c1 as never } }], 'the temperature is written down.'),
    ended: (c: CultureRecord, how: 'used up' | 'failed' | 'given away') => write(c, [{ kind: 'culture.ended', subject: subject(c), data: { cultureId: c.id, how } }], `ended, ${how}.`),
  }
}
