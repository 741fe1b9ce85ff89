import { useFailures } from './useFailures'
import { workerClient, WorkerStopped, type WorkerClient } from '~/engine/workerClient'
import { onScopeDispose, shallowRef, watch, toRaw, type Ref } from 'vue'
import type { Sheet, SheetRequest } from '@renatus/core/fry/broodSheet'
import type { SheetMaker, SheetSummary } from '~/workers/sheet.worker'

/** A worker for as long as somebody looks at ladders. */
function useMaker(): WorkerClient<SheetMaker> {
  const maker = workerClient<SheetMaker>(
    'working out the ladders',
    () => new Worker(new URL('../workers/sheet.worker.ts', import.meta.url), { type: 'module' }),
  )
  onScopeDispose(() => maker.stop())
  return maker
}

/** Answers of the worker to the newest question; what was shown stays until they come. */
function useAnswers<T>(
  requests: Ref<readonly SheetRequest[]>,
  ask: (plain: SheetRequest[]) => Promise<T>,
): Ref<T | undefined> {
  const value = shallowRef<T>()
  let newest = 0
  let busy = false
  let again = false
  async function run() {
    if (busy) {
      again = true
      return
    }
    busy = true
    const mine = ++newest
    try {
      const answer = await ask(JSON.parse(JSON.stringify(toRaw(requests.value))) as SheetRequest[])
      if (mine === newest) value.value = answer
    } catch (error) {
      if (!(error instanceof WorkerStopped)) useFailures().report(error)
    }
    busy = false
    if (again) {
      again = false
      void run()
    }
  }
  watch(requests, () => void run(), { immediate: true })
  return value
}

/** Full ladders of a few broods. */
export function useSheets(requests: Ref<readonly SheetRequest[]>): Ref<Sheet[] | undefined> {
  const maker = useMaker()
  return useAnswers(requests, plain => maker.call(m => m.sheets(plain)))
}

/** The short of many ladders. */
export function useSummaries(
  requests: Ref<readonly SheetRequest[]>,
): Ref<SheetSummary[] | undefined> {
  const maker = useMaker()
  return useAnswers(requests, plain => maker.call(m => m.summaries(plain)))
}
