import Dexie from 'dexie'

/**
 * Calls when something was written into some tables of a database, in this tab or another.
 * @param name of the database, asked at each write
 * @returns ends it
 */
export function onChange(
  name: () => string,
  tables: readonly string[],
  act: () => void,
): () => void {
  const changed = (parts: object) => {
    const written = tables.some(t =>
      Object.keys(parts).some(part => part.startsWith(`idb://${name()}/${t}/`)),
    )
    if (written) act()
  }
  Dexie.on('storagemutated', changed)
  return () => Dexie.on.storagemutated.unsubscribe(changed)
}
