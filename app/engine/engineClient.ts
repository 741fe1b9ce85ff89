import { useFailures } from '~/composables/useFailures'
import type { RoomEngine } from './roomEngine'
import { workerClient, WorkerFailed } from './workerClient'

/** An engine wherever it runs. */
export type Engine = {
  [K in keyof RoomEngine]: (
    ...asked: Parameters<RoomEngine[K]>
  ) => ReturnType<RoomEngine[K]> | Promise<Awaited<ReturnType<RoomEngine[K]>>>
}

const client = workerClient<RoomEngine>(
  'reckoning the room',
  () => new Worker(new URL('../workers/engine.worker.ts', import.meta.url), { type: 'module' }),
)
/** Takes over where no helper thread will run: slower, and nothing is lost. */
let here: Promise<Engine> | null = null
const engineHere = async (): Promise<Engine> => {
  const { RoomEngine } = await import('./roomEngine')
  return new RoomEngine()
}

/** Asks the engine of this page; what is asked must stand for itself, since another engine may have to answer it. */
export async function askEngine<T>(ask: (engine: Engine) => Promise<T>): Promise<T> {
  if (here) return ask(await here)
  try {
    return (await client.call(remote => ask(remote as unknown as Engine))) as T
  } catch (error) {
    if (!(error instanceof WorkerFailed)) throw error
    useFailures().report(error)
    here ??= engineHere()
    return ask(await here)
  }
}
