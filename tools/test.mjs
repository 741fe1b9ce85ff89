/** npm test: install, lint with the import rule, types, build, unit, end to end against the production build (first load among them). */
import { checkNode, findHeadless, install, run, runBeside } from './steps.mjs'

checkNode()
const chromium = findHeadless()
install()
await runBeside([
  [
    ['npm', 'run', '-s', 'lint'],
    ['npm', 'run', '-s', 'types'],
  ],
  [
    ['npm', 'run', '-s', 'build'],
    ['npm', 'run', '-s', 'unit'],
  ],
])
run('npm', ['run', '-s', 'e2e'], { CHROMIUM: await chromium })
