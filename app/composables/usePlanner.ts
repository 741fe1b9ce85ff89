import { failureOf } from '~/words/failures'
import { readCultures } from '~/engine/readingClient'
import { workerClient, WorkerFailed } from '~/engine/workerClient'
import { proxy } from 'comlink'
import { onScopeDispose, ref, toRaw } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { running } from '@renatus/core/stock/cultures'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import type { PlanProgress } from '@renatus/core/planning/plan/planSearch'
import type { PlanQuestion } from '@renatus/core/planning/plan/question'
import { deviceName, planPlace } from '~/db/device'
import { DATABASES } from '~/db/databaseNames'
import { roomText } from '~/db/exportRoom'
import { useRoomStore } from '~/stores/room'
import type { Planner } from '~/workers/plan.worker'

/** Reading the vessels and one solve may take a minute without a word, ms. */
const PLANNING_MS = 180_000
/** A server that is busy is asked again after so long, ms, and so many times. */
const BUSY_MS = 5000
const MOST_WAITS = 20

/** Why there is no answer: stopped by hand, or in words. */
export class PlanStopped extends Error {}

/** What went wrong, as it is told: a server that cannot be reached has its own way out. */
function planFailure(error: unknown): string {
  if (error instanceof WorkerFailed) return failureOf(error).text
  const said = error instanceof Error ? error.message : String(error)
  if (planPlace() !== 'server' || said.startsWith('The server')) return said
  return 'The server does not answer. Nothing was lost: choose this device in Setup, or try again when it is reached.'
}

/**
 * One planner: on this device in a worker, or on the server where Setup says so. A newer question ends an older one.
 * What throws is told in words by `problem`.
 */
export function usePlanner() {
  const room = useRoomStore()
  const busy = ref(false)
  const progress = ref<PlanProgress | null>(null)
  const problem = ref<string | null>(null)
  const planner = workerClient<Planner>(
    'planning',
    () => new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }),
    PLANNING_MS,
  )
  let abort: AbortController | null = null
  let reject: ((e: Error) => void) | null = null
  let turn = 0

  function stop() {
    turn++
    abort?.abort()
    if (busy.value) planner.stop()
    reject?.(new PlanStopped())
    reject = null
    busy.value = false
  }
  onScopeDispose(stop)

  /** Everything that grows with its days to come: what the shelf has read is only run on. */
  async function read(): Promise<CultureReading[]> {
    const state = room.roundState
    const found = new Map<string, CultureReading>()
    if (!state) return []
    const question = {
      database: DATABASES[room.which],
      ids: running(state.cultureStates).map(c => c.id),
      now: state.now,
      ahead: true,
      kept: true,
      asker: 'planner',
    }
    await readCultures(question, batch => batch.forEach(r => found.set(r.id, r)))
    return [...found.values()]
  }

  async function here(question: PlanQuestion, mine: number) {
    const readings = await read()
    if (mine !== turn) throw new PlanStopped()
    return planner.call((p, alive) =>
      p.plan(
        DATABASES[room.which],
        room.now,
        readings,
        question,
        proxy((at: PlanProgress) => {
          alive()
          if (mine === turn) progress.value = at
        }),
      ),
    )
  }

  async function onServer(question: PlanQuestion): Promise<CulturePlan> {
    abort = new AbortController()
    const { signal } = abort
    const body = JSON.stringify({
      room: JSON.parse(await roomText(await room.database(), room.now, deviceName())) as unknown,
      now: room.now,
      question,
    })
    const headers = { 'content-type': 'application/json' }
    const send = () => fetch('/api/plan', { method: 'POST', signal, headers, body })
    let answer = await send()
    // It plans for somebody else: that takes a minute at the most.
    for (let tries = 0; answer.status === 429 && tries < MOST_WAITS; tries++) {
      await new Promise(resolve => setTimeout(resolve, BUSY_MS))
      answer = await send()
    }
    if (!answer.ok)
      throw new Error(
        `The server could not plan (${answer.status}). Nothing was lost: choose this device in Setup, or try again.`,
      )
    return (await answer.json()) as CulturePlan
  }

  /** @returns null when a newer question or Stop came in between, or there was a problem */
  async function ask(question: PlanQuestion): Promise<CulturePlan | null> {
    stop()
    const mine = ++turn
    busy.value = true
    problem.value = null
    progress.value = null
    const plain = JSON.parse(JSON.stringify(toRaw(question))) as PlanQuestion
    try {
      const stopped = new Promise<never>((_, no) => {
        reject = no
      })
      const answer = await Promise.race([
        planPlace() === 'server' ? onServer(plain) : here(plain, mine),
        stopped,
      ])
      return mine === turn ? answer : null
    } catch (error) {
      if (mine === turn && !(error instanceof PlanStopped)) problem.value = planFailure(error)
      return null
    } finally {
      if (mine === turn) busy.value = false
    }
  }
  return { busy, progress, problem, ask, stop }
}
