import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import type { RandomStream } from '@renatus/core/math/random'
import { mutateText } from '../mutate'
import type { Target } from '../target'

const SERVER = '.output/server/index.mjs'
const PORT = 3977
const base = `http://127.0.0.1:${PORT}`

const GOOD: readonly { method: string; path: string; body?: string }[] = [
  { method: 'GET', path: '/api/health' },
  { method: 'GET', path: '/api/camera/12?kind=nauplii' },
  { method: 'GET', path: '/api/camera/12/truth?kind=ciliates' },
  { method: 'GET', path: `/api/box/${'ab'.repeat(12)}` },
  { method: 'POST', path: '/api/box', body: 'parcel' },
  { method: 'POST', path: '/api/plan', body: '{"room":{"version":12},"now":"x","question":{}}' },
]

/** A wounded address that can still be sent. */
function addressOf(chance: RandomStream, path: string): string {
  const wounded = mutateText(chance, path).replace(/[\s#]/g, '')
  return wounded.startsWith('/') ? wounded : `/${wounded}`
}

/** Routes of the built server: no answer of 500, no page where a route is meant, and it lives on. Null where nothing is built. */
export async function serverRoutes(): Promise<Target | null> {
  if (!existsSync(SERVER)) return null
  const env = { ...process.env, PORT: String(PORT), HOST: '127.0.0.1' }
  const server = spawn(process.execPath, [SERVER], { env, stdio: 'ignore' })
  const alive = () =>
    fetch(`${base}/api/health`).then(
      r => r.ok,
      () => false,
    )
  for (let n = 0; n < 100 && !(await alive()); n++) await new Promise(r => setTimeout(r, 100))
  return {
    name: 'server routes',
    async try(chance) {
      const good = GOOD[chance.integer(0, GOOD.length - 1)]!
      const path = chance.next() < 0.7 ? addressOf(chance, good.path) : good.path
      const body = good.body === undefined ? undefined : mutateText(chance, good.body)
      const input = `${good.method} ${path} ${body ?? ''}`
      let answer: Response
      try {
        answer = await fetch(base + path, { method: good.method, body })
      } catch (error) {
        // An address that cannot be sent never came there.
        return { outcome: 'refused', fault: (await alive()) ? null : String(error), input }
      }
      await answer.arrayBuffer()
      const isPage = answer.headers.get('content-type')?.includes('html') ?? false
      // As it was sent: the client has resolved dots before.
      const sent = new URL(base + path).pathname
      const paged = /^\/+api(\/|$)/i.test(sent) && answer.ok && isPage
      const broke = answer.status >= 500 && answer.status !== 503
      const fault = paged ? 'a page in the place of a route' : null
      return {
        outcome: answer.ok ? 'taken' : 'refused',
        fault: broke ? `status ${answer.status}` : fault,
        input,
      }
    },
    end: () => void server.kill(),
  }
}
