/** The headless runner: reads one JSON document, calls core, prints one. See CONTRIBUTING.md, "Headless". */
import { readFileSync } from 'node:fs'
import * as z from 'zod'
import { significant } from '@renatus/core/math/significant'
import { COMMANDS, LISTS, NOT_YET } from './core/commands'

function fail(code: string, path: string, message: string): never {
  process.stderr.write(`${JSON.stringify({ error: { code, path, message } })}\n`)
  process.exit(2)
}

const print = (value: unknown) =>
  process.stdout.write(`${JSON.stringify(value, (_key, v: unknown) => (typeof v === 'number' ? significant(v, 9) : v), 2)}\n`)

const [name = '', argument] = process.argv.slice(2)

if (name === 'schema') {
  const load = COMMANDS[argument ?? '']
  if (!load) fail(NOT_YET.has(argument ?? '') ? 'not-yet' : 'unknown-command', 'argument', `no schema for "${argument ?? ''}": one of ${Object.keys(COMMANDS).join(', ')}`)
  const command = await load()
  print({ input: z.toJSONSchema(command.input, { io: 'input', unrepresentable: 'any' }), output: z.toJSONSchema(command.output, { io: 'output' }) })
  process.exit(0)
}

const load = COMMANDS[name]
if (!load) fail(NOT_YET.has(name) ? 'not-yet' : 'unknown-command', 'command', NOT_YET.has(name) ? `"${name}" is not built yet` : `no command "${name}": one of schema, ${Object.keys(COMMANDS).join(', ')}`)

let text: string
try {
  text = LISTS.has(name) && argument === undefined ? '{}' : readFileSync(argument ?? 0, 'utf8')
} catch (error) {
  fail('no-file', argument ?? 'standard input', error instanceof Error ? error.message : String(error))
}
let json: unknown
try {
  json = JSON.parse(text)
} catch (error) {
  fail('bad-json', '', `not a JSON document: ${error instanceof Error ? error.message : String(error)}`)
}
const command = await load()
const parsed = command.input.safeParse(json)
if (!parsed.success) {
  const issue = parsed.error.issues[0]!
  fail('bad-input', issue.path.join('.'), issue.message)
}
print(command.output.parse(await command.run(parsed.data)))
