import { createHash } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { dirname, resolve } from 'node:path'

/** Scripts that stand in the page itself, by their hash: nothing else that is inline runs. */
function inlineHashes(): string[] {
  const page = [
    resolve(dirname(process.argv[1] ?? '.'), '../public/index.html'),
    resolve('.output/public/index.html'),
  ].find(p => existsSync(p))
  if (!page) return []
  const scripts = readFileSync(page, 'utf8').matchAll(
    /<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g,
  )
  return [...scripts].map(
    m =>
      `'sha256-${createHash('sha256')
        .update(m[1] ?? '')
        .digest('base64')}'`,
  )
}

const policy = () =>
  [
    "default-src 'self'",
    // The solver is WebAssembly.
    `script-src 'self' 'wasm-unsafe-eval' ${inlineHashes().join(' ')}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "worker-src 'self' blob:",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

/** What every answer carries: nothing is guessed, framed, or told to others. */
export default defineNitroPlugin(nitro => {
  const headers: Record<string, string> = {
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'permissions-policy': 'geolocation=(), microphone=(), payment=()',
    'cross-origin-opener-policy': 'same-origin',
  }
  if (!import.meta.dev) headers['content-security-policy'] = policy()
  nitro.hooks.hook('request', event => {
    for (const [name, value] of Object.entries(headers)) setHeader(event, name, value)
  })
})
