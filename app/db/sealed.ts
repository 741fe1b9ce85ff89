import * as z from 'zod'

/** A room file behind a pass phrase: AES-GCM under a key that PBKDF2 makes of the phrase (NIST SP 800-132, 2010). */
const SEALED_FORMAT = 'renatus-sealed'
const ROUNDS = 600_000
const base64 = z.base64().max(120_000_000)

const sealedFile = z.object({
  format: z.literal(SEALED_FORMAT),
  version: z.literal(1),
  rounds: z.number().int().min(100_000).max(5_000_000),
  salt: base64,
  iv: base64,
  data: base64,
})

/** So many bytes go through at a time: more are too many arguments for one call. */
const LOT = 0x8000

function toBase64(bytes: Uint8Array): string {
  let text = ''
  for (let i = 0; i < bytes.length; i += LOT)
    text += String.fromCharCode(...bytes.subarray(i, i + LOT))
  return btoa(text)
}
const fromBase64 = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), c => c.charCodeAt(0))

/** False on plain http: the browser gives no cryptography there. */
export const canSeal = (): boolean => globalThis.crypto?.subtle !== undefined

async function keyOf(phrase: string, salt: Uint8Array<ArrayBuffer>, rounds: number) {
  const raw = new TextEncoder().encode(phrase.normalize('NFKC'))
  const from = await crypto.subtle.importKey('raw', raw, 'PBKDF2', false, ['deriveKey'])
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds },
    from,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  )
}

/** The text of a file that opens with the phrase only. */
export async function seal(text: string, phrase: string): Promise<string> {
  const salt = crypto.getRandomValues(new Uint8Array(16))
  const iv = crypto.getRandomValues(new Uint8Array(12))
  const key = await keyOf(phrase, salt, ROUNDS)
  const plain = new TextEncoder().encode(text)
  const data = new Uint8Array(await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, plain))
  const file: z.infer<typeof sealedFile> = {
    format: SEALED_FORMAT,
    version: 1,
    rounds: ROUNDS,
    salt: toBase64(salt),
    iv: toBase64(iv),
    data: toBase64(data),
  }
  return JSON.stringify(file)
}

export type Unsealed =
  { ok: true; text: string } | { ok: false; code: 'sealed' | 'wrong-phrase' | 'sealed-here' }

/** The text in a file; one that is not sealed is its own text. */
export async function unseal(text: string, phrase: string | null): Promise<Unsealed> {
  if (!text.slice(0, 60).includes(SEALED_FORMAT)) return { ok: true, text }
  const read = sealedFile.safeParse(parsed(text))
  if (!read.success) return { ok: true, text }
  if (!canSeal()) return { ok: false, code: 'sealed-here' }
  if (phrase === null) return { ok: false, code: 'sealed' }
  const { salt, iv, data, rounds } = read.data
  const key = await keyOf(phrase, fromBase64(salt), rounds)
  try {
    const algorithm = { name: 'AES-GCM', iv: fromBase64(iv) }
    const plain = await crypto.subtle.decrypt(algorithm, key, fromBase64(data))
    return { ok: true, text: new TextDecoder().decode(plain) }
  } catch {
    return { ok: false, code: 'wrong-phrase' }
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
