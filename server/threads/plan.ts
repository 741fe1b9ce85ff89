import { parentPort, workerData } from 'node:worker_threads'
import highsLoader from 'highs'
import * as z from 'zod'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { instant } from '@renatus/core/records/recordFields'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { answerPlan, planQuestion } from '@renatus/core/planning/plan/question'
import { roundState } from '@renatus/core/round/round'

/** A plan of one room, in a thread of its own: it is ended by ending the thread. */
const body = z.object({ room: z.unknown(), now: instant, question: planQuestion })

type Answer = { status: number; message?: string; plan?: unknown }
const refuse = (message: string): Answer => ({ status: 400, message })

async function answer(text: string): Promise<Answer> {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return refuse('The request is no readable JSON.')
  }
  const asked = body.safeParse(json)
  if (!asked.success) {
    const issue = asked.error.issues[0]!
    return refuse(`${issue.path.join('.') || 'the request'}: ${issue.message}`)
  }
  const read = readRoomFile(JSON.stringify(asked.data.room ?? null))
  if (!read.ok) {
    const { problem } = read
    return refuse(
      problem.code === 'broken'
        ? `room.${problem.path}: ${problem.message}`
        : `room: ${problem.code}`,
    )
  }
  const { records, entries } = read.file
  const state = roundState(records, entries, asked.data.now, learnRoom(records, entries)?.learned)
  if (!state) return refuse('room.records: there is no room in it')
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  return { status: 200, plan: answerPlan(state, readRoom(state), asked.data.question, solver) }
}

answer(workerData as string)
  .catch((error: unknown): Answer => ({
    status: 500,
    message: error instanceof Error ? error.message : String(error),
  }))
  .then(result => parentPort!.postMessage(result))
