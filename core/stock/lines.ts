import { breach, lineageOf, type CleanRule, type Lineage, type Origin } from '../foods/lineage'
import type { CultureState } from './cultures'

/** A culture and what was started from it. */
export interface LineNode {
  culture: CultureState
  children: LineNode[]
}

/** Whether an accident to one vessel would end its line. */
export interface Backup {
  /** `only`: nothing else of this food; `other-line`: of another origin only; `same-place`: one accident can take them all; `safe`. */
  code: 'only' | 'other-line' | 'same-place' | 'safe'
  others: CultureState[]
  /** The vessel of this line that ended last, while this one is alone. */
  lost: CultureState | null
}

const parentsOf = (c: CultureState, byId: ReadonlyMap<string, CultureState>) =>
  c.parentIds.flatMap(id => byId.get(id) ?? [])

/** Vessels that were set up alike at one go, out of the same starter. */
const startedTogether = (a: CultureState, b: CultureState) =>
  a.record.foodId === b.record.foodId &&
  a.record.startedAt === b.record.startedAt &&
  a.origin === b.origin &&
  a.parentIds.length === 0 &&
  b.parentIds.length === 0

/** Every vessel that shares an ancestor or a starter with this one, itself included. */
export function lineOf(states: readonly CultureState[], id: string): CultureState[] {
  const near = new Map<string, string[]>()
  const join = (a: string, b: string) => near.set(a, [...(near.get(a) ?? []), b])
  for (const c of states) {
    for (const p of c.parentIds) {
      join(c.id, p)
      join(p, c.id)
    }
    const sister = states.find(s => startedTogether(s, c))
    if (!sister || sister === c) continue
    join(c.id, sister.id)
    join(sister.id, c.id)
  }
  const found = new Set([id])
  const open = [id]
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    for (const other of near.get(next) ?? []) {
      if (!found.has(other)) open.push(other)
      found.add(other)
    }
  }
  return states.filter(c => found.has(c.id))
}

/** The line as trees, from its oldest vessels on. A vessel with several parents hangs on the first. */
export function lineTree(line: readonly CultureState[]): LineNode[] {
  const here = new Set(line.map(c => c.id))
  const parent = (c: CultureState) => c.parentIds.find(id => here.has(id) && id !== c.id)
  const order = [...line].sort((a, b) => (a.record.startedAt < b.record.startedAt ? -1 : 1))
  const node = (culture: CultureState, above: ReadonlySet<string>): LineNode => ({
    culture,
    children: order
      .filter(c => parent(c) === culture.id && !above.has(c.id))
      .map(c => node(c, new Set([...above, c.id]))),
  })
  return order.filter(c => parent(c) === undefined).map(c => node(c, new Set([c.id])))
}

/** What would be left of the food and of its line if this vessel failed today. */
export function backupOf(states: readonly CultureState[], id: string): Backup {
  const me = states.find(c => c.id === id)!
  const alive = states.filter(
    c =>
      c.ended === null &&
      c.id !== id &&
      c.record.foodId === me.record.foodId &&
      c.quarantine === null,
  )
  const line = lineOf(states, id)
  const mine = alive.filter(c => line.includes(c))
  const lost =
    line
      .filter(c => c.id !== id && c.ended !== null)
      .sort((a, b) => (a.ended!.at < b.ended!.at ? 1 : -1))[0] ?? null
  if (mine.length === 0)
    return { code: alive.length > 0 ? 'other-line' : 'only', others: alive, lost }
  const apart = me.placeId === null || mine.some(c => c.placeId !== me.placeId)
  return { code: apart ? 'safe' : 'same-place', others: mine, lost: null }
}

/** Generation and cleanliness of a culture, from where its starter came and what was done since. */
export function lineageAt(states: readonly CultureState[], id: string): Lineage {
  const byId = new Map(states.map(c => [c.id, c]))
  const of = (c: CultureState, above: ReadonlySet<string>): Lineage => {
    const parents = parentsOf(c, byId).filter(p => !above.has(p.id))
    const bred: Origin =
      parents.length > 0
        ? { kind: 'cultures', parents: parents.map(p => of(p, new Set([...above, p.id]))) }
        : { kind: 'bought' }
    const start = lineageOf(c.origin === 'wild' ? { kind: 'wild' } : bred)
    const rules: CleanRule[] = [...c.crossed, ...(c.quarantine ? ['quarantine' as const] : [])]
    return rules.reduce(breach, start)
  }
  const me = byId.get(id)!
  return of(me, new Set([id]))
}
