import * as z from 'zod'
import { foodId, id, localDate } from '../recordFields'

const startLine = z.object({
  food: foodId,
  method: z.string().min(1).max(60),
  on: localDate,
  vessels: z.number().int().min(1).max(100),
})
const keptStart = startLine.extend({
  /** Its own name, also when it is moved. */
  id: z.string().min(1).max(90),
  placeId: id.nullable(),
  litres: z.number().positive().max(20_000),
  orderBy: localDate.nullable(),
  forBrood: z.string().max(60),
  neededOn: localDate,
  failure: z.number().min(0).max(1),
  readyDays: z.number().positive().max(1000),
  readyLogSd: z.number().min(0).max(3),
  why: z.string().max(500),
})
const planFacts = z.object({
  broods: z
    .array(
      z.object({
        id,
        name: z.string().max(60),
        freeOn: localDate,
        fry: z.number().min(0),
        foods: z.string().max(4000),
      }),
    )
    .max(500),
  cultures: z
    .array(
      z.object({
        id,
        name: z.string().max(60),
        food: foodId,
        state: z.enum(['well', 'doubtful', 'lost', 'apart']),
      }),
    )
    .max(2000),
  rounds: z.string().max(200),
  foods: z.string().max(8000),
  warmth: z.string().max(40_000).default(''),
})

/** Plans that are worked by, and sheets that are ticked. */
export const planEntries = {
  /** The plan that is worked by from now on, with what somebody pinned or refused. */
  'plan.kept': z.object({
    from: localDate,
    days: z.number().int().min(1).max(400),
    certainty: z.number().min(0).max(1),
    starts: z.array(keptStart).max(500),
    pins: z.array(startLine).max(200).default([]),
    refused: z.array(startLine).max(200).default([]),
    facts: planFacts,
  }),
  /** A line of a sheet for whoever looks after the room, and who ticked it. */
  'sheet.ticked': z.object({
    key: z.string().min(1).max(160),
    text: z.string().max(300),
    who: z.string().trim().min(1).max(60),
    done: z.boolean(),
  }),
}
