import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import wasmUrl from 'zxing-wasm/reader/zxing_reader.wasm?url'

// It ships with the app: nothing is fetched from elsewhere.
prepareZXingModule({ overrides: { locateFile: () => wasmUrl } })

/** Text of the first code in a picture; null where there is none that can be read. */
export async function readCode(picture: Blob | ImageData): Promise<string | null> {
  const found = await readBarcodes(picture, { formats: ['QRCode'], maxNumberOfSymbols: 1 })
  return found.find(f => f.isValid)?.text ?? null
}
