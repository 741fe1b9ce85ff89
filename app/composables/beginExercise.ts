import { navigateTo } from '#app/composables/router'
import type { OwnLoss } from '@renatus/core/practice/ownLoss'
import { PRACTICE_VERSION, type PlayedGame } from '@renatus/core/practice/playedGame'
import { local } from '~/db/local'
import { newId } from '~/db/newId'
import { keepGame } from '~/db/practiceBook'
import { useRoomStore } from '~/stores/room'
import { nowInstant } from './clock'

const KEY = 'renatus.learner'
/** Who practised on this device last. */
export const lastLearner = (): string | null => local.get(KEY)
export const rememberLearner = (name: string) => local.set(KEY, name)

/** Begins an exercise for somebody, and goes to it. @param own a loss of the real room, where that is what is practised */
export async function beginExercise(
  learner: string,
  scenario: string,
  own?: OwnLoss,
): Promise<void> {
  const game: PlayedGame = {
    id: newId(),
    version: PRACTICE_VERSION,
    scenario,
    ...(own ? { own } : {}),
    seed: crypto.getRandomValues(new Uint32Array(1))[0]! % 1_000_000,
    learner,
    startedAt: nowInstant(),
    endedAt: null,
    decisions: [],
    result: null,
  }
  await keepGame(useRoomStore().which, game)
  await navigateTo(`/practice/${game.id}`)
}
