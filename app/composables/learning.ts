import { useFailures } from './useFailures'
import { workerClient } from '~/engine/workerClient'
import { ref } from 'vue'
import type { Instant } from '@renatus/core/time/localDate'
import type { Learner } from '~/workers/learn.worker'

/** True while the log is being worked through. */
export const learningNow = ref(false)

const LEARNING_MS = 300_000
const learner = workerClient<Learner>(
  'learning from the log',
  () => new Worker(new URL('../workers/learn.worker.ts', import.meta.url), { type: 'module' }),
  LEARNING_MS,
)
let queue: Promise<void> = Promise.resolve()
const waiting = new Map<string, Promise<void>>()

/** Folds a long log and works through it in a worker; what comes while one run is under way waits, and is asked once. */
export function learn(database: string, now: Instant): Promise<void> {
  const known = waiting.get(database)
  if (known) return known
  learningNow.value = true
  const mine = queue.then(async () => {
    waiting.delete(database)
    try {
      await learner.call(l => l.learn(database, now))
    } catch (error) {
      useFailures().report(error)
    } finally {
      learningNow.value = waiting.size > 0
    }
  })
  waiting.set(database, mine)
  queue = mine.catch(() => {})
  return mine
}
