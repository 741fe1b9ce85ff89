import { build } from 'esbuild'
import { CULTURES, type roomTimes } from './readingTimes'
import { aBrowser } from './served'

const script = async (contents: string) => {
  const { outputFiles } = await build({
    stdin: { contents, resolveDir: 'tools/bench', loader: 'ts' },
    bundle: true,
    write: false,
    format: 'iife',
    tsconfig: 'tools/tsconfig.json',
    external: ['highs'],
  })
  return outputFiles[0]!.text
}
/** As many as the app has (readingClient). */
const READERS = 2
const ONE_READER = `import { roomTimes } from './readingTimes'
  onmessage = e => postMessage(roomTimes(e.data, ${READERS}))`
/** Its readers in a row or beside each other; what each took. */
const ask = (source: string, beside: boolean) => `(async () => {
  const url = URL.createObjectURL(new Blob([${JSON.stringify(source)}]))
  const one = reader => new Promise((resolve, reject) => {
    const worker = new Worker(url)
    worker.onerror = reject
    worker.onmessage = e => { worker.terminate(); resolve(e.data) }
    worker.postMessage(reader)
  })
  const readers = Array.from({ length: ${READERS} }, (_, i) => i)
  if (${beside}) return Promise.all(readers.map(one))
  const told = []
  for (const reader of readers) told.push(await one(reader))
  return told
})()`
type Took = ReturnType<typeof roomTimes>

/**
 * Times of readings where they are made: by the engine of the browser.
 * A large room is read by two readers, as the app reads it.
 */
export async function benchReadingTime(): Promise<void> {
  const browser = await aBrowser()
  const page = await browser.newPage()
  await page.evaluate(
    await script("import { readingTimes } from './readingTimes'; globalThis.told = readingTimes()"),
  )
  for (const line of await page.evaluate<string[]>('told')) console.log(line)
  const source = await script(ONE_READER)
  for (const beside of [true, false]) {
    const took = await page.evaluate<Took[]>(ask(source, beside))
    const sum = (of: (t: Took) => number) => took.reduce((s, t) => s + of(t), 0)
    const whole = (of: (t: Took) => number) => (beside ? Math.max(...took.map(of)) : sum(of))
    console.log(
      `estimate ${CULTURES} cultures of 8 weeks (${sum(t => t.entries)} entries) by two readers ${beside ? 'beside each other' : 'in a row'}: anew ${whole(t => t.anewS).toFixed(1)} s, each with one more entry ${whole(t => t.oneMoreS).toFixed(1)} s`,
    )
  }
  await browser.close()
}
