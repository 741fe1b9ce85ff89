/**
 * The one rule of imports (docs/decisions.md, "Imports point inward"): core imports only core and pure packages, inside core only folders above;
 * app and server import core, never each other; foods never import foods.
 */
const CORE_ORDER = [
  'math',
  'units',
  'time',
  'reasons',
  'water',
  'records',
  'dynamics',
  'feeds',
  'foods',
  'fry',
  'gel',
  'instruments',
  'stock',
  'estimation',
  'trials',
  'planning',
  'provision',
  'round',
  'practice',
  'formats',
]

const downward = CORE_ORDER.slice(0, -1).map((folder, i) => ({
  name: `core-${folder}-points-inward`,
  severity: 'error',
  from: { path: `^core/${folder}/` },
  to: { path: `^core/(${CORE_ORDER.slice(i + 1).join('|')})/` },
}))

module.exports = {
  forbidden: [
    ...downward,
    {
      name: 'core-only-core',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(app|server|demo|tools|tests)/' },
    },
    {
      name: 'core-pure-packages',
      severity: 'error',
      from: { path: '^core/' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot:
          'node_modules/(zod|pure-rand|date-fns|@date-fns/tz|simple-statistics|image-js|papaparse|jstat)/',
      },
    },
    {
      name: 'core-knows-no-framework',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '(^|/)(vue|nuxt|pinia|dexie|highs|#app|#imports)(/|$)' },
    },
    {
      name: 'core-folder-is-listed',
      severity: 'error',
      from: { path: '^core/', pathNot: `^core/(${CORE_ORDER.join('|')})/` },
      to: { path: '^core/' },
    },
    {
      name: 'foods-never-import-foods',
      severity: 'error',
      from: { path: '^core/foods/([^/]+)/' },
      to: { path: '^core/foods/([^/]+)/', pathNot: '^core/foods/$1/' },
    },
    {
      name: 'app-not-server',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^server/' },
    },
    {
      name: 'server-not-app',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^app/' },
    },
    {
      name: 'demo-on-core',
      severity: 'error',
      from: { path: '^demo/' },
      to: { path: '^(app|server|tools)/' },
    },
    {
      name: 'dexie-only-in-db',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/(db|composables/useLive)' },
      to: { path: 'node_modules/dexie/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.imports.json' },
    exclude: { path: '(^|/)\\.(nuxt|output)/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.mjs', '.js', '.vue', '.json'],
    },
  },
}
