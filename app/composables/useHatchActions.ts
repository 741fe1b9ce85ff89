import type { HatchSetup } from '@renatus/core/records/entries'
import type { HatchSchool } from '@renatus/core/records/vocabulary'
import type { FromMix } from '@renatus/core/stock/fromMix'
import { startHatch } from '@renatus/core/round/stops/hatch/answer'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { answeredElsewhere, VESSEL_BUSY } from '~/words/problems'
import { useUndo } from './useUndo'

/** What is put into a vessel, by hand. */
export interface HatchAmounts {
  vesselId: string
  school: HatchSchool
  setup: HatchSetup
  startedAt: string
  /** Stock brine that it was filled from; null where it was salted anew. */
  brine: FromMix | null
}

/** Starting, emptying, reading the thermometer at the hatch bench, written to the log. */
export function useHatchActions() {
  const room = useRoomStore()
  const undo = useUndo()

  /** Returns a problem in words, or null. */
  async function start({
    vesselId,
    school,
    setup,
    startedAt,
    brine,
  }: HatchAmounts): Promise<string | null> {
    const vessel = room.state?.vessels.find(v => v.id === vesselId)
    if (!vessel) return null
    if (room.state?.hatches.some(h => h.vesselId === vesselId && h.endedAt === null))
      return VESSEL_BUSY(vessel.name)
    const hatch = { vessel, school, setup, startedAt, brine }
    const { entries, records } = startHatch(hatch, newId)
    const result = await room.write(entries, null, records)
    if (!result.ok) return answeredElsewhere(result, room.timeZone)
    undo.offer(result.act, `${vessel.name} is started. Its clock runs.`)
    return null
  }

  async function empty(cultureId: string, vesselName: string, reason: string) {
    const result = await room.write([
      {
        kind: 'culture.ended',
        subject: { type: 'culture', id: cultureId },
        data: { cultureId, how: 'discarded', cleaner: 'hot water', reason, despite: [] },
      },
    ])
    if (result.ok) undo.offer(result.act, `${vesselName} is empty.`)
  }

  async function readTemperature(cultureId: string, temperatureC: number) {
    await room.writeOrStop([
      {
        kind: 'culture.temperature',
        subject: { type: 'culture', id: cultureId },
        data: { cultureId, temperatureC: temperatureC as never },
      },
    ])
  }

  return { start, empty, readTemperature }
}
