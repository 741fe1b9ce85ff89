/** npm test: install, lint with the import rule, types, unit, build, bundle size, end to end against the production build. */
import { checkNode, findChromium, install, run } from './steps.mjs'

checkNode()
install()
const chromium = findChromium()
run('npm', ['run', '-s', 'lint'])
run('npm', ['run', '-s', 'types'])
run('npm', ['run', '-s', 'unit'])
run('npm', ['run', '-s', 'build'])
run('npm', ['run', '-s', 'size'])
run('npm', ['run', '-s', 'e2e'], { CHROMIUM: chromium })
