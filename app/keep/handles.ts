import type { RenatusDatabase } from '~/db/database'

/** What of this device's files the room is tied to: a folder that others see, and a file for its second copy. */
export interface Handles {
  folder: FileSystemDirectoryHandle
  copy: FileSystemFileHandle
}
type Tie = keyof Handles
const keyOf = (tie: Tie) => `handle of the ${tie}`
/** Where the browser does not store handles they hold until the page is closed. */
const here = new Map<string, unknown>()

/** Remembers it. @returns false where it is forgotten with this page */
export async function keepHandle<T extends Tie>(
  db: RenatusDatabase,
  tie: T,
  handle: Handles[T],
): Promise<boolean> {
  here.set(`${db.name} ${tie}`, handle)
  try {
    await db.meta.put({ key: keyOf(tie), value: handle })
    return true
  } catch {
    return false
  }
}

export async function handleOf<T extends Tie>(
  db: RenatusDatabase,
  tie: T,
): Promise<Handles[T] | null> {
  const known = here.get(`${db.name} ${tie}`) ?? (await db.meta.get(keyOf(tie)))?.value
  return (known as Handles[T] | undefined) ?? null
}

export async function dropHandle(db: RenatusDatabase, tie: Tie): Promise<void> {
  here.delete(`${db.name} ${tie}`)
  await db.meta.delete(keyOf(tie))
}

/** Whether it may be written without asking; asking needs a tap. */
export async function mayWrite(handle: FileSystemHandle, ask = false): Promise<boolean> {
  const mode = { mode: 'readwrite' } as const
  const now = (await handle.queryPermission?.(mode)) ?? 'granted'
  if (now === 'granted' || !ask) return now === 'granted'
  return (await handle.requestPermission?.(mode)) === 'granted'
}
