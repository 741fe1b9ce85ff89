import type { Bellies } from '@renatus/core/fry/gapeFit'
import type { BellyAsk, WeaningAsk } from '@renatus/core/round/stops/tank/tasks'
import { useRoomStore } from '~/stores/room'
import { foodInText } from '~/words/foods'
import { useUndo } from './useUndo'

/** Looks at bellies and trials of foods, written to the log. */
export function useBroodLooks() {
  const room = useRoomStore()
  const undo = useUndo()
  const today = () => room.round?.current.date ?? room.state!.today

  async function look(ask: BellyAsk, bellies: Bellies) {
    const { brood, foodId, preyUm, weaning } = ask
    const result = await room.write([
      {
        kind: 'brood.bellies',
        subject: { type: 'brood', id: brood.id },
        data: { broodId: brood.id, on: today(), foodId, preyUm, bellies, weaning },
      },
    ])
    if (result.ok) undo.offer(result.act, `${brood.name}: bellies ${bellies}.`)
  }

  async function trial(ask: WeaningAsk, answer: 'start' | 'take' | 'wait') {
    const subject = { type: 'brood', id: ask.brood.id }
    const data = { broodId: ask.brood.id, foodId: ask.foodId, on: today() }
    const result = await room.write([
      answer === 'start'
        ? { kind: 'weaning.started', subject, data }
        : { kind: 'weaning.decided', subject, data: { ...data, take: answer === 'take' } },
    ])
    const food = foodInText(ask.foodId)
    const text = {
      start: `${ask.brood.name}: ${food} on trial at two meals.`,
      take: `${ask.brood.name} takes ${food}.`,
      wait: `${ask.brood.name}: ${food} rests for three days.`,
    }[answer]
    if (result.ok) undo.offer(result.act, text)
  }

  return { look, trial }
}
