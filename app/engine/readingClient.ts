import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CultureReader } from '~/workers/cultures.worker'
import type { ReadingQuestion } from './readingQuestion'
import { workerClient } from './workerClient'

/** One reader for all views: what one view has read the next one knows. */
const reader = workerClient<CultureReader>(
  'reading cultures',
  () => new Worker(new URL('../workers/cultures.worker.ts', import.meta.url), { type: 'module' }),
)

/** Reads cultures; readings come in batches, the known ones first. */
export async function readCultures(
  q: ReadingQuestion,
  onReadings: (batch: readonly CultureReading[]) => void,
): Promise<void> {
  const { proxy } = await import('comlink')
  return reader.call((r, alive) =>
    r.read(
      q,
      proxy((batch: readonly CultureReading[]) => {
        alive()
        onReadings(batch)
      }),
    ),
  )
}
