import { wrap, type Remote } from 'comlink'
import { ref } from 'vue'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Learner } from '~/workers/learn.worker'

/** Entries that can teach something, or take it back. */
const TEACH: ReadonlySet<EntryKind> = new Set<EntryKind>([
  'culture.started',
  'culture.looked',
  'culture.did',
  'culture.temperature',
  'culture.harvested',
  'culture.refused',
  'culture.ended',
  'sample.counted',
  'water.read',
  'lot.measured',
  'tool.measured',
  'learning.reset',
  'undone',
])
const TAUGHT: ReadonlySet<AnyRecord['type']> = new Set<AnyRecord['type']>([
  'room',
  'lot',
  'tool',
  'culture',
])

/** Changes when there may be something new to learn. */
export const learningPosition = (
  records: readonly AnyRecord[],
  entries: readonly Entry[],
): string =>
  `${entries
    .filter(e => TEACH.has(e.kind))
    .map(e => e.id)
    .join('')} ${records
    .filter(r => TAUGHT.has(r.type))
    .map(r => r.id + r.updatedAt)
    .join('')}`

/** True while the log is being worked through. */
export const learningNow = ref(false)

let learner: Remote<Learner> | null = null
let queue: Promise<void> = Promise.resolve()
const waiting = new Map<string, Promise<void>>()

/** Works through the log of a room in a worker; what comes while one run is under way waits, and is asked once. */
export function learn(database: string): Promise<void> {
  const known = waiting.get(database)
  if (known) return known
  const mine = queue.then(async () => {
    waiting.delete(database)
    learningNow.value = true
    learner ??= wrap<Learner>(
      new Worker(new URL('../workers/learn.worker.ts', import.meta.url), { type: 'module' }),
    )
    try {
      await learner.learn(database)
    } finally {
      learningNow.value = false
    }
  })
  waiting.set(database, mine)
  queue = mine.catch(() => {})
  return mine
}
