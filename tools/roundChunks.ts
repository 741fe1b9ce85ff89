/** What the bundler tells of a module: which ones it imports. */
type GetModuleInfo = (id: string) => { importedIds: readonly string[] } | null
interface Graph {
  getModuleIds: () => Iterable<string>
  getModuleInfo: GetModuleInfo
}

/** What a first visit to an empty room needs: it goes on by itself, as small as it is. */
const FIRST = [/app\/entry\.js$/, /app\/pages\/index\.vue$/, /components\/setup\/WelcomeRoom\.vue$/]
const ROUND = [
  /components\/round\/\w+\.vue$/,
  /components\/round\/stops\/allCards\.ts$/,
  /components\/ahead\/AheadLine\.vue$/,
]
interface Layer {
  name: string
  roots: readonly RegExp[]
  /** Of what they reach: whatever lies below it must be of it too. */ only?: RegExp
}
/**
 * What a round needs, in the order in which it is set up; each is one file for what it needs beyond those
 * before it. Left to themselves they are some eighty, and each costs a fetch, a link and a moment of four
 * processes; all in one hold the page up.
 */
const LAYERS: readonly Layer[] = [
  { name: 'room-records', roots: [/core\/records\/roomRecords\.ts$/] },
  { name: 'records', roots: [/core\/records\/records\.ts$/] },
  { name: 'foods', roots: [/core\/foods\/index\.ts$/] },
  { name: 'stops', roots: ROUND, only: /\/(core|node_modules)\// },
  { name: 'round', roots: ROUND },
]

/** All that some modules import, and they themselves; what is fetched later is not among it. */
function reached(roots: readonly string[], info: GetModuleInfo): Set<string> {
  const found = new Set(roots)
  for (const id of found) for (const next of info(id)?.importedIds ?? []) found.add(next)
  return found
}

/** The file that a module of a round stands in, worked out once for a build. */
export function roundChunks(): (id: string, graph: Graph) => string | undefined {
  let chunkOf: Map<string, string> | null = null
  function layers(ids: Iterable<string>, info: GetModuleInfo): Map<string, string> {
    const all = [...ids]
    const reach = (roots: readonly RegExp[]) =>
      reached(
        all.filter(id => roots.some(r => r.test(id))),
        info,
      )
    const taken = reach(FIRST)
    const found = new Map<string, string>()
    for (const { name, roots, only = /./ } of LAYERS)
      for (const id of reach(roots)) {
        if (taken.has(id) || !only.test(id)) continue
        found.set(id, name)
        taken.add(id)
      }
    return found
  }
  return (id, { getModuleIds, getModuleInfo }) =>
    (chunkOf ??= layers(getModuleIds(), getModuleInfo)).get(id)
}
