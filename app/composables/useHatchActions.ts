import { grams } from '@renatus/core/units/quantity'
import type { PlannedHatch } from '@renatus/core/planning/plannedHatch'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { ANSWERED_ELSEWHERE, VESSEL_BUSY } from '~/words/problems'
import { useUndo } from './useUndo'

/** What is put into a vessel: as proposed, or as it really was. */
export interface HatchAmounts {
  vesselId: string
  vesselName: string
  lotId: string
  saltId: string
  waterL: number
  saltG: number
  cystsG: number
  sodaG: number
  temperatureC: number
  lit: boolean
  decapsulated: boolean
  pullsAt: string[]
  startedAt?: string
}

export const amountsOf = (planned: PlannedHatch): HatchAmounts => ({
  vesselId: planned.vessel.id,
  vesselName: planned.vessel.name,
  lotId: planned.lot.id,
  saltId: planned.salt?.id ?? planned.vessel.id,
  waterL: planned.waterL,
  saltG: planned.saltG,
  cystsG: planned.cystsG,
  sodaG: planned.soda?.firstG ?? 0,
  temperatureC: planned.vessel.temperatureC,
  lit: planned.vessel.lit,
  decapsulated: false,
  pullsAt: planned.pulls.map(p => p.at),
})

/** Starting, emptying, postponing: what a person does at the hatch bench, written to the log. Each returns a problem in words, or null. */
export function useHatchActions() {
  const room = useRoomStore()
  const undo = useUndo()

  async function start(
    a: HatchAmounts,
    answers: string | null,
    proposed: PlannedHatch | null,
  ): Promise<string | null> {
    if (room.state?.runs.some(r => r.setup.vesselId === a.vesselId && r.endedAt === null))
      return VESSEL_BUSY(a.vesselName)
    const hatchId = newId()
    const { vesselName, startedAt, ...setup } = a
    const differs =
      proposed !== null &&
      (proposed.waterL !== a.waterL || proposed.saltG !== a.saltG || proposed.cystsG !== a.cystsG)
    const subject = { type: 'hatch', id: hatchId }
    const clockAt = a.pullsAt[0]
    const result = await room.write(
      [
        {
          kind: 'hatch.started',
          subject,
          at: startedAt,
          data: {
            ...setup,
            hatchId,
            waterL: setup.waterL as never,
            saltG: grams(setup.saltG),
            cystsG: grams(setup.cystsG),
            sodaG: grams(setup.sodaG),
            temperatureC: setup.temperatureC as never,
            proposed: differs
              ? { waterL: proposed.waterL, saltG: proposed.saltG, cystsG: proposed.cystsG }
              : null,
          },
        },
        ...(clockAt
          ? [
              {
                kind: 'clock.started' as const,
                subject,
                data: {
                  clockId: newId(),
                  label: `${vesselName} to first pull`,
                  endsAt: clockAt,
                  about: subject,
                },
              },
            ]
          : []),
      ],
      answers,
    )
    if (!result.ok) return ANSWERED_ELSEWHERE
    undo.offer(result.act, `${vesselName} is started. Its clock runs.`, answers)
    return null
  }

  async function postpone(key: string, roundKey: string, text: string) {
    const result = await room.write(
      [
        {
          kind: 'stop.postponed',
          subject: { type: 'stop', id: key.slice(0, 60) },
          data: { key, roundKey },
        },
      ],
      `${key}:not-now`,
    )
    if (result.ok) undo.offer(result.act, text, key)
  }

  async function empty(
    hatchId: string,
    vesselName: string,
    reason: string,
    answers: string | null,
  ) {
    const result = await room.write(
      [
        {
          kind: 'hatch.emptied',
          subject: { type: 'hatch', id: hatchId },
          data: { hatchId, reason },
        },
      ],
      answers,
    )
    if (result.ok) undo.offer(result.act, `${vesselName} is empty.`, answers)
  }

  async function readTemperature(hatchId: string, temperatureC: number) {
    await room.write([
      {
        kind: 'hatch.temperature',
        subject: { type: 'hatch', id: hatchId },
        data: { hatchId, temperatureC: temperatureC as never },
      },
    ])
  }

  return { start, postpone, empty, readTemperature }
}
