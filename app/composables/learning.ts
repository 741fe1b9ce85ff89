import { useFailures } from './useFailures'
import { workerClient } from '~/engine/workerClient'
import { ref } from 'vue'
import type { Instant } from '@renatus/core/time/localDate'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { TAUGHT, TEACH } from '~/db/teaches'
import type { Learner } from '~/workers/learn.worker'

/** Changes when there may be something new to learn. */
export const learningPosition = (
  records: readonly AnyRecord[],
  entries: readonly Entry[],
): string =>
  `${countAndLast(entries)} ${records
    .filter(r => TAUGHT.has(r.type))
    .map(r => r.id + r.updatedAt)
    .join('')}`

/** How many entries teach, and the last of them: a log only grows. */
function countAndLast(entries: readonly Entry[]): string {
  let count = 0
  let last = ''
  for (const e of entries) {
    if (!TEACH.has(e.kind)) continue
    count++
    if (e.id > last) last = e.id
  }
  return `${count} ${last}`
}

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
