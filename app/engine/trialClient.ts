import type { TrialReader } from '~/workers/trial.worker'
import { workerClient } from './workerClient'

/** The reader of trials, for all views that ask. */
export const trialClient = workerClient<TrialReader>(
  'reading the trial',
  () => new Worker(new URL('../workers/trial.worker.ts', import.meta.url), { type: 'module' }),
)
