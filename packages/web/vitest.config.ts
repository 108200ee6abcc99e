import { join } from 'node:path'
import { defineConfig } from 'vitest/config'
// Files share modules and page: each test cleans up after itself, which the whole run in one page also proves. A sheet with some hundred fields takes seconds to search on a busy machine.
export default defineConfig({
  // The guide is read from the project's own docs.
  server: { fs: { allow: [join(import.meta.dirname, '../..')] } },
  test: {
    name: 'web',
    include: ['src/**/*.test.{ts,tsx}'],
    environment: 'jsdom',
    isolate: false,
    setupFiles: ['src/testing/patience.ts', 'src/testing/restingWorkers.ts'],
    expect: { poll: { timeout: 20_000 } },
    testTimeout: 60_000,
  },
})
