import { existsSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { Worker } from 'node:worker_threads'

export interface PlanAnswer {
  status: number
  message?: string
  plan?: unknown
}

/** Beside the built server; made by the build (nuxt.config.ts). */
const places = () => [
  resolve(dirname(process.argv[1] ?? '.'), 'threads/plan.mjs'),
  resolve('.output/server/threads/plan.mjs'),
]
const MEMORY_MB = 1024

/**
 * A plan in a thread of its own, ended after so long or when nobody waits for it any more.
 * @param gone settles when the client has left
 */
export function planThread(body: string, limitMs: number, gone: AbortSignal): Promise<PlanAnswer> {
  const file = places().find(p => existsSync(p))
  if (!file)
    return Promise.resolve({ status: 503, message: 'This server was built without a planner.' })
  return new Promise(done => {
    const thread = new Worker(file, {
      workerData: body,
      resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
    })
    const end = (answer: PlanAnswer) => {
      clearTimeout(timer)
      gone.removeEventListener('abort', left)
      void thread.terminate()
      done(answer)
    }
    const left = () => end({ status: 499, message: 'The client has left.' })
    const timer = setTimeout(
      () => end({ status: 504, message: 'It took too long here: plan fewer days.' }),
      limitMs,
    )
    gone.addEventListener('abort', left)
    thread.once('message', end)
    thread.once('error', error => end({ status: 500, message: error.message }))
    thread.once('exit', () => end({ status: 500, message: 'The planner ended without an answer.' }))
  })
}
