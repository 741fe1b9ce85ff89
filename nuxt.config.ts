import tailwindcss from '@tailwindcss/vite'
import { fileURLToPath } from 'node:url'

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
  experimental: { appManifest: false },
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
    plugins: [tailwindcss()],
    define: { __RENATUS_BUILD__: JSON.stringify(new Date().toISOString()) },
    worker: { format: 'es' },
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
  },
  nitro: { prerender: { routes: ['/'], crawlLinks: false } },
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
      globPatterns: ['**/*.{js,css,html,svg,png,woff2,wasm}'],
      maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
    },
    client: { installPrompt: false },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
})
