/** The headless runner: reads one JSON document, calls core, prints one. See CONTRIBUTING.md, "Headless". */
import { readFileSync } from 'node:fs'
import { runner } from './core/runner'

const answer = await runner(process.argv.slice(2), file => readFileSync(file ?? 0, 'utf8'))
if (answer.exit === 0) process.stdout.write(answer.out)
else process.stderr.write(`${JSON.stringify({ error: answer.error })}\n`)
process.exitCode = answer.exit
