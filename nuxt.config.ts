import { cp } from 'node:fs/promises'
import tailwindcss from '@tailwindcss/vite'
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'
import { emitNotices, gatherNotices } from './tools/notices'
import { roundChunks } from './tools/roundChunks'

/** Threads of the server are files of their own beside it. */
async function buildThreads(serverDir: string): Promise<void> {
  await build({
    entryPoints: [fileURLToPath(new URL('./server/threads/plan.ts', import.meta.url))],
    outfile: `${serverDir}/threads/plan.mjs`,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    external: ['highs'],
  })
  // The solver finds its WebAssembly beside itself.
  const highs = fileURLToPath(new URL('./node_modules/highs', import.meta.url))
  await cp(highs, `${serverDir}/node_modules/highs`, { recursive: true, dereference: true })
}

const nothingUnused = { noUnusedLocals: true, noUnusedParameters: true }

// Why each unusual line is here: docs/decisions.md, "Build".
export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  telemetry: false,
  sourcemap: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt'],
  css: ['~/assets/main.css'],
  components: [{ path: '~/components', pathPrefix: false }],
  // A chunk that is gone is told, with an offer to reload: by itself a page would lose what is typed.
  experimental: {
    appManifest: false,
    emitRouteChunkError: 'manual',
    // No page is rendered on the server: there is no payload to bring along.
    payloadExtraction: false,
  },
  alias: { '@demo': fileURLToPath(new URL('./demo', import.meta.url)) },
  app: {
    head: {
      title: 'Renatus',
      htmlAttrs: { lang: 'en' },
      viewport: 'width=device-width, initial-scale=1, viewport-fit=cover',
      meta: [
        { name: 'description', content: 'Live food for fry, on the day they swim free.' },
        { name: 'color-scheme', content: 'light dark' },
      ],
      link: [
        { rel: 'manifest', href: '/manifest.webmanifest' },
        { rel: 'icon', href: '/icon.svg', type: 'image/svg+xml' },
      ],
    },
  },
  vite: {
    // As modules for browsers of today: a tenth smaller than what stands for all.
    resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.min.mjs' }] },
    plugins: [tailwindcss(), gatherNotices(), emitNotices()],
    define: { __RENATUS_BUILD__: JSON.stringify(new Date().toISOString()) },
    worker: { format: 'es', plugins: () => [gatherNotices()] },
    build: {
      rollupOptions: {
        // Hundreds of crumbs cost a link and a fetch each when a view opens.
        output: {
          experimentalMinChunkSize: 5_000,
          manualChunks: roundChunks(),
          onlyExplicitManualChunks: true,
        },
        // What fetches and caches for pages rendered on a server is not used here, and does nothing by being loaded.
        treeshake: {
          moduleSideEffects: id => !/nuxt\/dist\/app\/composables\/(asyncData|fetch)/.test(id),
        },
      },
    },
    // `nuxt dev` without server rendering looks for an entry that does not exist otherwise.
    $server:
      process.env.NODE_ENV === 'development'
        ? { build: { rollupOptions: { input: { server: 'nuxt/dist/app/entry-spa.js' } } } }
        : {},
    optimizeDeps: {
      include: [
        '@headlessui/vue',
        '@vueuse/core',
        'chart.js',
        'comlink',
        'dexie',
        'vue-chartjs',
        'zod',
        'vee-validate',
        'ics',
        'papaparse',
      ],
      // The solver brings its own WebAssembly.
      exclude: ['highs'],
    },
  },
  hooks: {
    // Views that were not asked for are not fetched beside the first one: the service worker brings them afterwards.
    'build:manifest': manifest => {
      for (const chunk of Object.values(manifest)) chunk.dynamicImports = []
    },
    'nitro:init': nitro => {
      nitro.hooks.hook('compiled', () => buildThreads(nitro.options.output.serverDir))
    },
  },
  spaLoadingTemplate: true,
  nitro: {
    typescript: { tsConfig: { compilerOptions: nothingUnused } },
    prerender: { routes: ['/'], crawlLinks: false },
    compressPublicAssets: { gzip: true, brotli: true },
    routeRules: {
      '/_nuxt/**': { headers: { 'cache-control': 'public, max-age=31536000, immutable' } },
      '/_nuxt/notices.json': { headers: { 'cache-control': 'no-cache' } },
      '/': { headers: { 'cache-control': 'no-cache' } },
      '/sw.js': { headers: { 'cache-control': 'no-cache' } },
    },
  },
  pwa: {
    registerType: 'prompt',
    manifest: {
      name: 'Renatus',
      short_name: 'Renatus',
      description: 'Live food for fry, on the day they swim free.',
      lang: 'en',
      start_url: '/',
      display: 'standalone',
      background_color: '#F3EEE2',
      theme_color: '#1D2A26',
      icons: [
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,html,svg,png,woff2,wasm}', 'loft.json', '_nuxt/notices.json'],
      maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
      // The first visit is served by it at once: a server that dies then is not missed.
      clientsClaim: true,
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
    },
    // The page itself says when (app/plugins/offline.ts).
    client: { registerPlugin: false },
  },
  typescript: {
    strict: true,
    tsConfig: {
      include: ['../tests/app/**/*', '../tests/server/**/*'],
      compilerOptions: { noUncheckedIndexedAccess: true, ...nothingUnused },
    },
    nodeTsConfig: { compilerOptions: nothingUnused },
  },
})
