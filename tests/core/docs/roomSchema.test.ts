import { readFileSync, writeFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import * as z from 'zod'
import { roomFile } from '@renatus/core/formats/roomFile'

const PATH = 'docs/room-file.schema.json'

/** `UPDATE_SCHEMA=1 npx vitest run roomSchema` writes it anew. */
it('the JSON Schema of the room file beside docs/files.md is that of this version', () => {
  const schema = `${JSON.stringify(z.toJSONSchema(roomFile, { io: 'input', unrepresentable: 'any' }))}\n`
  if (process.env.UPDATE_SCHEMA) writeFileSync(PATH, schema)
  expect(readFileSync(PATH, 'utf8')).toBe(schema)
})
