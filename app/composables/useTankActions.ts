import type { BellyAsk, WeaningAsk } from '@renatus/core/round/tankTasks'
import type { TankStop } from '@renatus/core/round/tankStops'
import type { Bellies } from '@renatus/core/fry/gapeFit'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { ANSWERED_ELSEWHERE } from '~/words/problems'
import { foodInText } from '~/words/foods'
import { useUndo } from './useUndo'

/** What really went in: shares of what was proposed, and which tasks were left. */
export interface TankAnswer {
  nauplii: number
  foods: Record<string, number>
  tasks: ReadonlySet<string>
}

/** Feeding, tasks, looks and trials of one tank, written to the log. Each returns a problem in words, or null. */
export function useTankActions() {
  const room = useRoomStore()
  const undo = useUndo()

  /** Logs the whole stop as one act. */
  async function done(
    stop: TankStop,
    roundKey: string,
    answer: TankAnswer | null,
  ): Promise<string | null> {
    const subject = { type: 'tank', id: stop.tank.id }
    const share = (id: string) => answer?.foods[id] ?? 1
    const nauplii = answer?.nauplii ?? 1
    const drafts: Draft[] = []
    if (stop.feed && nauplii > 0) {
      const { feed } = stop
      drafts.push({
        kind: 'tank.fed',
        subject,
        data: {
          tankId: stop.tank.id,
          roundKey,
          nauplii: feed.nauplii * nauplii,
          ml: feed.ml === null ? null : feed.ml * nauplii,
          cubes: feed.cubes === null ? null : feed.cubes * nauplii,
          energy: feed.store.energy,
          source: { kind: feed.store.form, id: feed.store.id },
          partial: answer === null && feed.share < 0.95,
        },
      })
    }
    const foods = stop.foods
      .map(f => ({ foodId: f.food.id, organisms: f.organisms * share(f.food.id) }))
      .filter(f => f.organisms > 0)
    if (stop.foods.length > 0)
      drafts.push({
        kind: 'tank.given',
        subject,
        data: { tankId: stop.tank.id, roundKey, foods, partial: false },
      })
    for (const task of stop.tasks) {
      if (answer === null || answer.tasks.has(task.id))
        drafts.push({
          kind: 'tank.task',
          subject,
          data: {
            tankId: stop.tank.id,
            broodId: task.broodId,
            task: task.id,
            on: room.state!.today,
          },
        })
    }
    if (drafts.length === 0) return null
    const result = await room.write(drafts, stop.key)
    if (!result.ok) return ANSWERED_ELSEWHERE
    undo.offer(
      result.act,
      `${stop.tank.name} is ${stop.feed || stop.foods.length > 0 ? 'fed' : 'done'}.`,
      stop.key,
    )
    return null
  }

  async function look(ask: BellyAsk, bellies: Bellies) {
    const result = await room.write([
      {
        kind: 'brood.bellies',
        subject: { type: 'brood', id: ask.brood.id },
        data: {
          broodId: ask.brood.id,
          on: room.state!.today,
          foodId: ask.foodId,
          preyUm: ask.preyUm,
          bellies,
          weaning: ask.weaning,
        },
      },
    ])
    if (result.ok) undo.offer(result.act, `${ask.brood.name}: bellies ${bellies}.`)
  }

  async function trial(ask: WeaningAsk, answer: 'start' | 'take' | 'wait') {
    const subject = { type: 'brood', id: ask.brood.id }
    const data = { broodId: ask.brood.id, foodId: ask.foodId, on: room.state!.today }
    const result = await room.write([
      answer === 'start'
        ? { kind: 'weaning.started', subject, data }
        : { kind: 'weaning.decided', subject, data: { ...data, take: answer === 'take' } },
    ])
    const text = {
      start: `${ask.brood.name}: ${foodInText(ask.foodId)} on trial at two meals.`,
      take: `${ask.brood.name} takes ${foodInText(ask.foodId)}.`,
      wait: `${ask.brood.name}: ${foodInText(ask.foodId)} rests for three days.`,
    }[answer]
    if (result.ok) undo.offer(result.act, text)
  }

  return { done, look, trial }
}
