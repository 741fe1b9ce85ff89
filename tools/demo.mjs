/** npm run demo: install, production build, serve, and print the address of the demo room. */
import { spawn } from 'node:child_process'
import { networkInterfaces } from 'node:os'
import { checkNode, install, root, run } from './steps.mjs'

checkNode()
install()
if (process.env.SKIP_BUILD !== '1') run('npm', ['run', '-s', 'build'])
const port = process.env.PORT ?? '3000'
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  cwd: root,
  stdio: 'inherit',
  env: {
    ...process.env,
    PORT: port,
    HOST: process.env.HOST ?? '0.0.0.0',
    NITRO_SHUTDOWN_TIMEOUT: '500',
  },
})
server.on('exit', code => process.exit(code ?? 0))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))

for (let i = 0; i < 100; i++) {
  const up = await fetch(`http://localhost:${port}/api/health`).then(
    r => r.ok,
    () => false,
  )
  if (up) break
  await new Promise(resolve => setTimeout(resolve, 100))
}
const lan = Object.values(networkInterfaces())
  .flat()
  .find(n => n && n.family === 'IPv4' && !n.internal)?.address
console.log(`\nDemo room:   http://localhost:${port}/?room=demo`)
console.log(`Own room:    http://localhost:${port}/?room=own`)
if (lan)
  console.log(
    `From a phone on this network: http://${lan}:${port}/  (plain http: no installing, no use without the network)\nEverybody on this network can open the page; rooms stay in the browsers, nothing is kept here. HOST=127.0.0.1 keeps it to this machine.`,
  )
console.log('Stop with Ctrl+C.')
