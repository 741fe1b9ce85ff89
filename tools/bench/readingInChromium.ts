import { build } from 'esbuild'
import { aBrowser } from './served'

/** Times of readings where they are made: by the engine of the browser. */
export async function benchReadingTime(): Promise<void> {
  const { outputFiles } = await build({
    stdin: {
      contents: "import { readingTimes } from './readingTimes'; globalThis.told = readingTimes()",
      resolveDir: 'tools/bench',
      loader: 'ts',
    },
    bundle: true,
    write: false,
    format: 'iife',
    tsconfig: 'tools/tsconfig.json',
    external: ['highs'],
  })
  const browser = await aBrowser()
  const page = await browser.newPage()
  await page.evaluate(outputFiles[0]!.text)
  for (const line of await page.evaluate<string[]>('told')) console.log(line)
  await browser.close()
}
