import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const alias = {
  '@demo': fileURLToPath(new URL('./demo', import.meta.url)),
  '~': fileURLToPath(new URL('./app', import.meta.url)),
}

export default defineConfig({
  test: {
    // By default one core is left idle; on two cores that is half of the machine.
    maxWorkers: '100%',
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          environment: 'node',
          isolate: false,
          testTimeout: 120_000,
          setupFiles: ['./tests/setup/frozenSeed.ts'],
          include: [
            'tests/core/**/*.test.ts',
            'tests/demo/**/*.test.ts',
            'tests/tools/**/*.test.ts',
            'tests/server/**/*.test.ts',
          ],
        },
      },
      {
        resolve: { alias },
        define: { __RENATUS_BUILD__: JSON.stringify('test') },
        plugins: [vue()],
        test: {
          name: 'app',
          environment: 'happy-dom',
          isolate: false,
          testTimeout: 120_000,
          include: ['tests/app/**/*.test.ts'],
          setupFiles: ['fake-indexeddb/auto', './tests/setup/frozenSeed.ts'],
        },
      },
    ],
  },
})
