/** npm run types: views by the checker that reads them; all else by the native one, which takes a fifth of its time. */
import { run } from './steps.mjs'

const projects = ['core', 'tools', '.nuxt/tsconfig.server.json', '.nuxt/tsconfig.node.json']
const native = 'node_modules/typescript-native/bin/tsc'
for (const project of projects) run(process.execPath, [native, '--noEmit', '-p', project])
run('npx', ['vue-tsc', '--noEmit', '-p', '.nuxt/tsconfig.app.json'])
