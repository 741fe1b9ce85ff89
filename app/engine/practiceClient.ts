import type { Teacher } from '~/workers/practice.worker'
import { workerClient } from './workerClient'

const LONG_MS = 180_000

/** Who makes the accounts of exercises. */
export const practiceClient = workerClient<Teacher>(
  'making the account',
  () => new Worker(new URL('../workers/practice.worker.ts', import.meta.url), { type: 'module' }),
  LONG_MS,
)
