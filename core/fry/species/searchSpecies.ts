import type { Species } from './species'

/** Small letters without accents, so that "apistogramma" and "Apistogramma" and "molly" and "Mollý" meet. */
const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()

/**
 * Species whose common or Latin name holds every word typed, those that begin with it first.
 * An empty search returns all.
 */
export function searchSpecies(all: readonly Species[], text: string): Species[] {
  const words = plain(text)
    .split(/[\s,.]+/)
    .filter(Boolean)
  if (words.length === 0) return [...all]
  const found = all.map(species => {
    const names = plain([...species.names, ...species.latin].join(' | '))
    const hit = words.every(w => names.includes(w))
    const begins = [...species.names, ...species.latin].some(n => plain(n).startsWith(words[0]!))
    const rank = begins ? 0 : 1
    return { species, rank: hit ? rank : 2 }
  })
  return found
    .filter(f => f.rank < 2)
    .sort((a, b) => a.rank - b.rank)
    .map(f => f.species)
}
