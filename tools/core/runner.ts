import * as z from 'zod'
import { significant } from '@renatus/core/math/significant'
import { COMMANDS, LISTS } from './commands'

/** What a call leaves behind: a document and exit 0, or an error and exit 2. */
export type Answer =
  { exit: 0; out: string } | { exit: 2; error: { code: string; path: string; message: string } }

const fail = (code: string, path: string, message: string): Answer => ({
  exit: 2,
  error: { code, path, message },
})
const printed = (value: unknown): Answer => ({
  exit: 0,
  out: `${JSON.stringify(value, (_key, v: unknown) => (typeof v === 'number' ? significant(v, 9) : v), 2)}\n`,
})
const said = (error: unknown) => (error instanceof Error ? error.message : String(error))

/**
 * Runs one command: reads one JSON document, calls core, answers with one.
 * @param read the document: a file's where a name is given, else standard input
 */
export async function runner(
  args: readonly string[],
  read: (file: string | undefined) => string,
): Promise<Answer> {
  const [name = '', argument] = args
  if (name === 'schema') {
    const load = COMMANDS[argument ?? '']
    if (!load)
      return fail(
        'unknown-command',
        'argument',
        `no schema for "${argument ?? ''}": one of ${Object.keys(COMMANDS).join(', ')}`,
      )
    const command = await load()
    return printed({
      input: z.toJSONSchema(command.input, { io: 'input', unrepresentable: 'any' }),
      output: z.toJSONSchema(command.output, { io: 'output' }),
    })
  }
  const load = COMMANDS[name]
  if (!load)
    return fail(
      'unknown-command',
      'command',
      `no command "${name}": one of schema, ${Object.keys(COMMANDS).join(', ')}`,
    )
  let text: string
  try {
    text = LISTS.has(name) && argument === undefined ? '{}' : read(argument)
  } catch (error) {
    return fail('no-file', argument ?? 'standard input', said(error))
  }
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return fail('bad-json', '', `not a JSON document: ${said(error)}`)
  }
  const command = await load()
  const parsed = command.input.safeParse(json)
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    return fail('bad-input', issue.path.join('.'), issue.message)
  }
  return printed(command.output.parse(await command.run(parsed.data)))
}
