/** First load of the home view: gzip size of the JavaScript that the served HTML loads, scripts and module preloads. */
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { root } from './steps.mjs'

const LIMIT_KB = 250
const pub = `${root}/.output/public`
const html = readFileSync(`${pub}/index.html`, 'utf8')
const files = new Set([...html.matchAll(/(?:src|href)="(\/_nuxt\/[^"]+\.js)"/g)].map(m => m[1]))
// A chunk pulls in what it imports statically, whether the HTML names it or not.
for (const file of files) {
  const code = readFileSync(`${pub}${file}`, 'utf8')
  for (const m of code.matchAll(
    /(?:^|[;}\s])(?:import|export)\s*(?:[\w*{][^'"()]*from\s*)?["']\.\/([^"']+\.js)["']/g,
  ))
    files.add(`/_nuxt/${m[1]}`)
}
// The home view itself is a lazy chunk of the router: count what the first page pulls in.
const home = [...files]
  .map(f => readFileSync(`${pub}${f}`, 'utf8'))
  .join('')
  .match(/path:"\/",component:\(\)=>\w+\(\(\)=>import\("\.\/([^"]+\.js)"\)/)
if (home) {
  const queue = [`/_nuxt/${home[1]}`]
  for (const file of queue) {
    if (files.has(file)) continue
    files.add(file)
    const code = readFileSync(`${pub}${file}`, 'utf8')
    for (const m of code.matchAll(
      /(?:^|[;}\s])(?:import|export)\s*(?:[\w*{][^'"()]*from\s*)?["']\.\/([^"']+\.js)["']/g,
    ))
      queue.push(`/_nuxt/${m[1]}`)
  }
}
let total = 0
for (const file of files) {
  const code = readFileSync(`${pub}${file}`)
  if (/highs/i.test(code.toString().slice(0, 2000)) && code.length > 500_000) {
    console.error(`The solver is in ${file}, which loads with the home view.`)
    process.exit(1)
  }
  total += gzipSync(code).length
}
const kb = total / 1000
console.log(
  `Home view: ${files.size} chunks, ${kb.toFixed(0)} kB of gzip JavaScript (limit ${LIMIT_KB}).`,
)
if (files.size === 0 || kb > LIMIT_KB) process.exit(1)
