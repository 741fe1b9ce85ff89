import { xchacha20poly1305 } from '@noble/ciphers/chacha.js'

/** A room on its way to another device: packed, locked with a key that goes from screen to camera and nowhere else. */
const KEY_BYTES = 32
const NONCE_BYTES = 24
const MARK = 'box='

const random = (bytes: number) => crypto.getRandomValues(new Uint8Array(bytes))

/** Text that may stand in an address. */
const toText = (bytes: Uint8Array): string =>
  Array.from(bytes, b => b.toString(16).padStart(2, '0')).join('')
const toBytes = (text: string): Uint8Array =>
  Uint8Array.from(text.match(/../g) ?? [], pair => Number.parseInt(pair, 16))

const through = async (
  bytes: BlobPart,
  stream: CompressionStream | DecompressionStream,
): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await new Response(new Blob([bytes]).stream().pipeThrough(stream)).arrayBuffer())

/** Locks a file (XChaCha20-Poly1305; Bernstein, 2008). Works over plain http too, where the browser has no cryptography of its own. */
export async function packParcel(file: Blob): Promise<{ parcel: Blob; key: string }> {
  const [key, nonce] = [random(KEY_BYTES), random(NONCE_BYTES)]
  const packed = await through(file, new CompressionStream('gzip'))
  const sealed = xchacha20poly1305(key, nonce).encrypt(packed)
  return { parcel: new Blob([nonce, sealed as Uint8Array<ArrayBuffer>]), key: toText(key) }
}

/** Opens one; null where the key does not fit or somebody changed it. */
export async function unpackParcel(parcel: ArrayBuffer, key: string): Promise<Blob | null> {
  const bytes = new Uint8Array(parcel)
  try {
    const nonce = bytes.subarray(0, NONCE_BYTES)
    const packed = xchacha20poly1305(toBytes(key), nonce).decrypt(bytes.subarray(NONCE_BYTES))
    return new Blob([
      await through(packed as Uint8Array<ArrayBuffer>, new DecompressionStream('gzip')),
    ])
  } catch {
    return null
  }
}

/** The address that takes a parcel on the other device. What stands behind # is never sent to a server. */
export const parcelAddress = (base: string, id: string, key: string): string =>
  `${base.replace(/\/+$/, '')}/setup#${MARK}${id}.${key}`

/** Id and key in an address; null where there are none. */
export function parcelIn(address: string): { id: string; key: string } | null {
  const found = /#box=([0-9a-f]{24})\.([0-9a-f]{64})$/.exec(address)
  return found ? { id: found[1]!, key: found[2]! } : null
}
