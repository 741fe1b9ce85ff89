import * as z from 'zod'
import { exportTable, TABLE_NAMES } from '@renatus/core/formats/tables/exportTable'
import { roomInput } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  what: z.enum(TABLE_NAMES),
})
export const output = z.object({ text: z.string().describe('CSV, see docs/files.md') })

export const run = ({ room, what }: z.output<typeof input>): z.input<typeof output> => ({
  text: exportTable(room.records, room.entries, what),
})
