import { packParcel, parcelIn, unpackParcel } from './parcel'

/** Leaves a file in the post box of the server this page came from. */
export async function leaveParcel(
  file: Blob,
): Promise<{ ok: true; id: string; key: string } | { ok: false; why: string }> {
  const { parcel, key } = await packParcel(file)
  try {
    const answer = await fetch('/api/box', { method: 'POST', body: parcel })
    if (answer.ok) return { ok: true, key, ...((await answer.json()) as { id: string }) }
    return { ok: false, why: refused(answer.status) }
  } catch {
    return { ok: false, why: 'The server does not answer. Pass on an exported file instead.' }
  }
}

const refused = (status: number): string =>
  status === 413
    ? 'The room is too large for the post box. Pass on an exported file instead.'
    : 'The post box is full just now. Try again in ten minutes, or pass on an exported file.'

/** Takes the parcel that an address names. */
export async function takeParcel(
  address: string,
): Promise<{ ok: true; file: Blob } | { ok: false; why: string }> {
  const named = parcelIn(address)
  if (!named) return { ok: false, why: 'This address names no parcel.' }
  try {
    const answer = await fetch(`/api/box/${named.id}`)
    if (!answer.ok)
      return {
        ok: false,
        why: 'Nothing waits there any more: a parcel is handed out once and kept for ten minutes. Show a new code on the other device.',
      }
    const file = await unpackParcel(await answer.arrayBuffer(), named.key)
    return file
      ? { ok: true, file }
      : { ok: false, why: 'The parcel does not open with this code. Nothing was changed here.' }
  } catch {
    return { ok: false, why: 'The server does not answer. Nothing was changed here.' }
  }
}
