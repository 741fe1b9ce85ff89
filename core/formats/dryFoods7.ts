import { makeId } from '../records/id'

type Raw = Record<string, unknown>

/** Foods of a room before version 7 that were ticked and then stood at hand: what they are kept as. */
const AT_HAND: Readonly<Record<string, { name: string; keep: string }>> = {
  'first-powder': { name: 'First powder food', keep: 'dry' },
  'decapsulated-cysts': { name: 'Decapsulated cysts', keep: 'dry' },
}

/** Ten bytes that hang on a text alone (FNV-1a): two devices that upgrade one room write one entry. */
function bytesOf(text: string): Uint8Array {
  const bytes = new Uint8Array(10)
  let hash = 0x811c9dc5
  for (let i = 0; i < bytes.length; i++) {
    for (const c of `${i}${text}`) hash = Math.imul(hash ^ c.codePointAt(0)!, 0x01000193)
    bytes[i] = (hash >>> 16) & 0xff
  }
  return bytes
}

/** A dry food that was ticked is a tin of which nobody knows how much is left: it stands in the room as it did. */
export function dryFoodEntries(records: readonly unknown[]): unknown[] {
  const room = (records as Raw[]).find(r => r?.type === 'room' && r.removedAt === null)
  if (!room || !Array.isArray(room.foods) || typeof room.updatedAt !== 'string') return []
  const at = room.updatedAt
  return (room.foods as string[]).flatMap(foodId => {
    const kept = AT_HAND[foodId]
    if (!kept) return []
    const named = (what: string) =>
      makeId(Date.parse(at), bytesOf(`${String(room.id)} ${foodId} ${what}`))
    const storeId = named('store')
    return [
      {
        id: named('entry'),
        at,
        by: 'upgrade',
        act: named('act'),
        subject: { type: 'store', id: storeId },
        supersedes: null,
        answers: null,
        kind: 'store.filled',
        data: {
          storeId,
          name: kept.name,
          foodId,
          keep: kept.keep,
          unit: 'g',
          amount: null,
          organisms: null,
          energy: 1,
          fromId: null,
          useBy: null,
        },
      },
    ]
  })
}
