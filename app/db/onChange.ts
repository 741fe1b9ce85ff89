import Dexie from 'dexie'

/**
 * Calls when something was written into tables of a database, in this tab or another.
 * @param name of the database, asked at each write
 * @returns ends it
 */
export function onChange(
  name: () => string,
  tables: readonly string[],
  act: () => void,
): () => void {
  const changed = (parts: object) => {
    const mine = tables.map(t => `idb://${name()}/${t}/`)
    if (Object.keys(parts).some(part => mine.some(table => part.startsWith(table)))) act()
  }
  Dexie.on('storagemutated', changed)
  return () => Dexie.on.storagemutated.unsubscribe(changed)
}
