import type { RenatusDatabase } from '~/db/database'

/** What the browser says to keeping the data when space runs short. `missing`: it cannot be asked here. */
export type Persistence = 'yes' | 'refused' | 'not-asked' | 'missing'

const ASKED = 'persistAsked'

/** Asks the browser to keep the data, and remembers that it was asked. */
export async function askToKeep(db: RenatusDatabase): Promise<Persistence> {
  if (!navigator.storage?.persist) return 'missing'
  const granted = await navigator.storage.persist()
  await db.meta.put({ key: ASKED, value: true })
  return granted ? 'yes' : 'refused'
}

/** How it stands, without asking again. */
export async function persistence(db: RenatusDatabase): Promise<Persistence> {
  if (!navigator.storage?.persisted) return 'missing'
  if (await navigator.storage.persisted()) return 'yes'
  return (await db.meta.get(ASKED))?.value === true ? 'refused' : 'not-asked'
}
