import { expect, it } from 'vitest'
import { roundChunks } from '../../tools/roundChunks'

/** Modules and what each imports. */
const GRAPH: Record<string, string[]> = {
  '/n/nuxt/dist/app/entry.js': ['/n/vue.js'],
  '/app/pages/index.vue': ['/core/math/compare.ts'],
  '/app/components/setup/WelcomeRoom.vue': [],
  '/n/vue.js': [],
  '/core/math/compare.ts': [],
  '/core/records/roomRecords.ts': ['/n/node_modules/zod.js', '/core/records/recordFields.ts'],
  '/core/records/records.ts': ['/core/records/roomRecords.ts', '/core/records/gelRecords.ts'],
  '/core/records/recordFields.ts': ['/n/node_modules/zod.js'],
  '/core/records/gelRecords.ts': ['/core/records/recordFields.ts'],
  '/n/node_modules/zod.js': [],
  '/core/foods/index.ts': ['/core/foods/moina/index.ts', '/core/math/compare.ts'],
  '/core/foods/moina/index.ts': [],
  '/app/components/round/RoundView.vue': [
    '/n/vue.js',
    '/app/words/round.ts',
    '/n/node_modules/headless.js',
  ],
  '/n/node_modules/headless.js': ['/n/vue.js'],
  '/app/words/round.ts': ['/core/units/format.ts', '/core/foods/index.ts'],
  '/core/units/format.ts': ['/core/math/compare.ts'],
  '/app/components/shelf/ShelfView.vue': ['/app/words/shelf.ts', '/app/words/round.ts'],
  '/app/words/shelf.ts': [],
}
const graph = {
  getModuleIds: () => Object.keys(GRAPH),
  getModuleInfo: (id: string) => (GRAPH[id] ? { importedIds: GRAPH[id] } : null),
}
const ORDER = [undefined, 'room-records', 'records', 'foods', 'stops', 'round']

it('puts what a round needs into files that stand on those before them, and leaves a first visit alone', () => {
  const chunkOf = roundChunks()
  const of = (id: string) => chunkOf(id, graph)
  for (const id of ['/n/vue.js', '/core/math/compare.ts', '/app/pages/index.vue'])
    expect(of(id)).toBeUndefined()
  // What another view needs alone is left to the bundler.
  expect(of('/app/words/shelf.ts')).toBeUndefined()
  expect(of('/n/node_modules/zod.js')).toBe('room-records')
  expect(of('/core/records/gelRecords.ts')).toBe('records')
  expect(of('/core/foods/moina/index.ts')).toBe('foods')
  expect(of('/core/units/format.ts')).toBe('stops')
  expect(of('/n/node_modules/headless.js')).toBe('stops')
  expect(of('/app/words/round.ts')).toBe('round')
  for (const [id, imports] of Object.entries(GRAPH))
    for (const next of of(id) ? imports : [])
      expect(ORDER.indexOf(of(next)), `${id} ${next}`).toBeLessThanOrEqual(ORDER.indexOf(of(id)))
})
