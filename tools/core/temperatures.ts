import * as z from 'zod'
import { LOGGER_FILE_MOST, loggerFile } from '@renatus/core/instruments/loggerFile'
import { DATE_ORDERS } from '@renatus/core/instruments/loggerTime'
import { isTimeZone } from '@renatus/core/time/localDate'

export const input = z.object({
  text: z.string().max(LOGGER_FILE_MOST, 'this file is too long: export a shorter span'),
  timeZone: z.string().refine(isTimeZone, 'not a time zone this machine knows'),
  hints: z
    .object({
      order: z.enum(DATE_ORDERS).optional(),
      unit: z.enum(['C', 'F']).optional(),
      decimal: z.enum(['.', ',']).optional(),
      column: z.string().max(200).optional(),
      device: z.string().max(200).optional(),
    })
    .prefault({}),
})
export const output = z.object({
  readings: z.array(z.object({ at: z.string(), c: z.number() })),
  guessed: z.object({
    separator: z.string(),
    order: z.enum([...DATE_ORDERS, 'epoch']).nullable(),
    orderDoubtful: z.boolean(),
    unit: z.enum(['C', 'F']),
    unitNamed: z.boolean(),
    decimal: z.enum(['.', ',']),
    columns: z.array(z.string()),
    column: z.string().nullable(),
    devices: z.array(z.string()),
    device: z.string().nullable(),
    everyMinutes: z.number().nullable(),
    gaps: z.array(z.object({ from: z.string(), to: z.string() })),
    problem: z.enum(['empty', 'too-long', 'no-time', 'no-temperature']).nullable(),
  }),
  skipped: z.array(z.object({ line: z.number(), why: z.string() })),
})

export const run = ({ text, timeZone, hints }: z.output<typeof input>): z.input<typeof output> =>
  loggerFile(text, timeZone, hints)
