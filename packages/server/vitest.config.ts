import { join } from 'node:path'
import { defineConfig } from 'vitest/config'
// Each test opens a database of its own; the modules are shared.
export default defineConfig({
  test: {
    name: 'server',
    include: ['src/**/*.test.ts'],
    isolate: false,
    testTimeout: 60_000,
    globalSetup: './src/testing/bundle.ts',
    env: { JOVRIN_BUNDLES: join(import.meta.dirname, 'dist') },
  },
})
