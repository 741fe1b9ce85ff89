import type { Remote } from 'comlink'

/** A helper thread that did not load, broke, or gave no sign of life for too long. */
export class WorkerFailed extends Error {
  constructor(
    /** What it was to do, in words: "reading cultures". */ readonly doing: string,
    readonly how: 'broken' | 'silent',
  ) {
    super(`${doing}: the helper thread ${how === 'broken' ? 'broke' : 'does not answer'}`)
    this.name = 'WorkerFailed'
  }
}

/** Ended on purpose: nobody waits for the answer any more. */
export class WorkerStopped extends Error {
  constructor() {
    super('stopped')
    this.name = 'WorkerStopped'
  }
}

/** Asks a worker; `alive` is called on every sign of life, so that long work is not taken for a dead one. */
type Ask<T, P> = (worker: Remote<T>, alive: () => void) => P

export interface WorkerClient<T> {
  call<P>(ask: Ask<T, P>): Promise<Awaited<P>>
  /** Ends the worker and whatever it is doing; the next call starts a new one. */
  stop(): void
}

const SILENT_MS = 60_000

/**
 * One worker that is started when it is first asked, started once more when it dies under a call, and never waited for without end.
 * What the work itself throws is thrown on as it is: asking again would throw again.
 * @param silentMs after so long without a sign of life it counts as dead, ms
 */
export function workerClient<T>(
  doing: string,
  make: () => Worker,
  silentMs = SILENT_MS,
): WorkerClient<T> {
  let worker: Worker | null = null
  let remote: Remote<T> | null = null
  const waiting = new Set<(e: Error) => void>()

  function drop(error: Error) {
    worker?.terminate()
    worker = null
    remote = null
    for (const reject of [...waiting]) reject(error)
    waiting.clear()
  }
  async function start(): Promise<Remote<T>> {
    // What speaks with workers comes with the first of them.
    const { wrap } = await import('comlink')
    if (remote) return remote
    try {
      worker = make()
    } catch {
      throw new WorkerFailed(doing, 'broken')
    }
    const broke = (e: Event) => {
      e.preventDefault()
      drop(new WorkerFailed(doing, 'broken'))
    }
    worker.addEventListener('error', broke)
    worker.addEventListener('messageerror', broke)
    remote = wrap<T>(worker)
    return remote
  }
  function once<P>(ask: Ask<T, P>): Promise<Awaited<P>> {
    return new Promise<Awaited<P>>((resolve, reject) => {
      let timer: ReturnType<typeof setTimeout> | undefined
      const end = (error: Error) => {
        clearTimeout(timer)
        reject(error)
      }
      const alive = () => {
        clearTimeout(timer)
        if (!waiting.has(end)) return
        timer = setTimeout(() => drop(new WorkerFailed(doing, 'silent')), silentMs)
      }
      waiting.add(end)
      alive()
      Promise.resolve()
        .then(async () => ask(await start(), alive))
        .then(answer => resolve(answer as Awaited<P>), reject)
        .finally(() => {
          clearTimeout(timer)
          waiting.delete(end)
        })
    })
  }
  return {
    async call<P>(ask: Ask<T, P>): Promise<Awaited<P>> {
      try {
        return await once(ask)
      } catch (error) {
        if (!(error instanceof WorkerFailed)) throw error
        return once(ask)
      }
    },
    stop: () => drop(new WorkerStopped()),
  }
}
