import type { RoomKeeper } from '~/workers/keeper.worker'
import { workerClient } from './workerClient'

const LONG_MS = 180_000
const worker = () =>
  new Worker(new URL('../workers/keeper.worker.ts', import.meta.url), { type: 'module' })

/** Who keeps the room in step and makes its copies. Reading a file that somebody chose has a worker of its own, to be stopped. */
export const keeperClient = workerClient<RoomKeeper>('keeping the room', worker, LONG_MS)
export const fileKeeper = () => workerClient<RoomKeeper>('reading the file', worker, LONG_MS)
