import highsLoader from 'highs'
import * as z from 'zod'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { ROOM_FILE_MAX_BYTES, roomFile } from '@renatus/core/formats/roomFile'
import { upgradeFile } from '@renatus/core/formats/upgradeRoom'
import { answerPlan, planQuestion } from '@renatus/core/planning/plan/question'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { roundState } from '@renatus/core/round/round'

const body = z.object({
  room: z.looseObject({ version: z.number() }),
  now: z.iso.datetime(),
  question: planQuestion,
})
let solver: Promise<Solver> | null = null

const refuse = (statusCode: number, message: string) =>
  createError({ statusCode, statusMessage: 'Cannot plan', data: { message } })

/** Plans a room that is sent along, for a phone that is too weak for it. Nothing of it is kept here. */
export default defineEventHandler(async event => {
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > ROOM_FILE_MAX_BYTES)
    throw refuse(413, 'The room is too large to be sent.')
  const asked = body.safeParse(await readBody(event))
  if (!asked.success)
    throw refuse(
      400,
      `${asked.error.issues[0]!.path.join('.') || 'the request'}: ${asked.error.issues[0]!.message}`,
    )
  const file = roomFile.safeParse(upgradeFile(asked.data.room, asked.data.room.version))
  if (!file.success)
    throw refuse(
      400,
      `room.${file.error.issues[0]!.path.join('.')}: ${file.error.issues[0]!.message}`,
    )
  const { records, entries } = file.data
  const state = roundState(records, entries, asked.data.now, learnRoom(records, entries)?.learned)
  if (!state) throw refuse(400, 'room.records: there is no room in it')
  solver ??= highsLoader().then(h => highsSolver(h as unknown as HighsLike))
  return answerPlan(state, readRoom(state), asked.data.question, await solver)
})
