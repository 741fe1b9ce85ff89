/** npm test: install, lint with the import rule, types, unit, build, bundle size, end to end against the production build. */
import { checkNode, findHeadless, install, run, runBeside } from './steps.mjs'

checkNode()
install()
const chromium = findHeadless()
await runBeside([
  [
    ['npm', 'run', '-s', 'lint'],
    ['npm', 'run', '-s', 'types'],
    ['npm', 'run', '-s', 'build'],
    ['npm', 'run', '-s', 'size'],
  ],
  [['npm', 'run', '-s', 'unit']],
])
run('npm', ['run', '-s', 'e2e'], { CHROMIUM: chromium })
