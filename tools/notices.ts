import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'

const MODULES = fileURLToPath(new URL('../node_modules/', import.meta.url))
/** Shipped by way of styles and of files that are copied: no script names them. */
const BESIDE = [
  '@fontsource-variable/atkinson-hyperlegible-next',
  'tailwindcss',
  'highs',
  'zxing-wasm',
]

/** Name of the package a module is of; null for our own. */
function packageOf(id: string): string | null {
  const parts = id.split('node_modules/')
  const [scope, name] = (parts.at(-1) ?? '').split('/')
  if (parts.length < 2 || !scope) return null
  return scope.startsWith('@') ? `${scope}/${name}` : scope
}

/** The licence of a package, whole, as it came with it. */
function noticeOf(name: string) {
  const folder = `${MODULES}${name}/`
  if (!existsSync(`${folder}package.json`)) return null
  const { version, license, author } = JSON.parse(
    readFileSync(`${folder}package.json`, 'utf8'),
  ) as {
    version: string
    license?: string
    author?: string | { name?: string }
  }
  const file = readdirSync(folder).find(f => /^licen[cs]e/i.test(f))
  const by = typeof author === 'string' ? author : (author?.name ?? 'its authors')
  const text = file ? readFileSync(folder + file, 'utf8').trim() : `Copyright ${by}`
  return { name, version, licence: license ?? 'see text', text }
}

const names = new Set<string>(BESIDE)

/** Gathers the packages that the scripts of pages and helper threads were made of. */
export const gatherNotices = (): Plugin => ({
  name: 'gather-notices',
  apply: 'build',
  generateBundle(_, bundle) {
    for (const chunk of Object.values(bundle)) {
      if (chunk.type !== 'chunk') continue
      for (const id of Object.keys(chunk.modules)) {
        const name = packageOf(id)
        if (name !== null) names.add(name)
      }
    }
  },
})

/** Writes the list beside the pages, where the app shows it (Setup, About). */
export const emitNotices = (): Plugin => ({
  name: 'emit-notices',
  apply: 'build',
  applyToEnvironment: environment => environment.name === 'client',
  generateBundle: {
    order: 'post',
    handler() {
      const source = JSON.stringify([...names].sort().flatMap(name => noticeOf(name) ?? []))
      this.emitFile({ type: 'asset', fileName: '_nuxt/notices.json', source })
    },
  },
})
