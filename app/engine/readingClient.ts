import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CultureReader } from './cultureReader'
import type { ReadingQuestion } from './readingQuestion'
import { sharedOut } from './sharedOut'
import { workerClient } from './workerClient'

/** More would take what the page and its disk need. */
const MOST_READERS = 2
const cores = () => globalThis.navigator?.hardwareConcurrency ?? 1

/** The same readers for all views: what one view has read the next one knows. The second is started by a room that needs it. */
const readers = Array.from({ length: Math.max(1, Math.min(MOST_READERS, cores())) }, () =>
  workerClient<CultureReader>(
    'reading cultures',
    () => new Worker(new URL('../workers/cultures.worker.ts', import.meta.url), { type: 'module' }),
  ),
)
/** Starts them before there is anything to read: what they know of every food takes a while to load. */
export function wakeReaders(): void {
  // One that does not start says so when it is asked to read.
  for (const reader of readers) reader.call(r => r.awake()).catch(() => null)
}

/** Who asked which reader: the rest of an older question is called off there too. */
const askers = readers.map(() => new Set<string>())

/** Nobody waits for what an asker asked: readers do not go on with it. */
export function callOff(asker: string): void {
  readers.forEach((reader, i) => {
    if (askers[i]!.delete(asker)) reader.call(r => r.callOff(asker)).catch(() => null)
  })
}

/** Reads cultures; readings come in batches, the known ones first. */
export async function readCultures(
  q: ReadingQuestion,
  onReadings: (batch: readonly CultureReading[]) => void,
): Promise<void> {
  const { proxy } = await import('comlink')
  const shares = sharedOut(q.ids, readers.length)
  await Promise.all(
    readers.map(async (reader, i) => {
      const ids = shares[i]!
      if (ids.length === 0 && !askers[i]!.has(q.asker)) return
      askers[i]!.add(q.asker)
      await reader.call((r, alive) =>
        r.read(
          { ...q, ids },
          proxy((batch: readonly CultureReading[]) => {
            alive()
            onReadings(batch)
          }),
        ),
      )
    }),
  )
}
