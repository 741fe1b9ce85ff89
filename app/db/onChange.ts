import Dexie from 'dexie'

/**
 * Calls with the tables of a database that something was written into, in this tab or another.
 * @param name of the database, asked at each write
 * @returns ends it
 */
export function onChange(
  name: () => string,
  tables: readonly string[],
  act: (written: string[]) => void,
): () => void {
  const changed = (parts: object) => {
    const written = tables.filter(t =>
      Object.keys(parts).some(part => part.startsWith(`idb://${name()}/${t}/`)),
    )
    if (written.length > 0) act(written)
  }
  Dexie.on('storagemutated', changed)
  return () => Dexie.on.storagemutated.unsubscribe(changed)
}
