import { readFileSync } from 'node:fs'
import { runner } from '../../tools/core/runner'

/** The headless runner, in this process. */
export async function call(args: string[], input: unknown = '') {
  const text = typeof input === 'string' ? input : JSON.stringify(input)
  const answer = await runner(args, file =>
    file === undefined ? text : readFileSync(file, 'utf8'),
  )
  return answer.exit === 0
    ? { status: 0, out: JSON.parse(answer.out) as Record<string, never>, error: null }
    : { status: 2, out: null, error: answer.error }
}
