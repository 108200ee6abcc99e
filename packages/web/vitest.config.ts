import { defineConfig } from 'vitest/config'
// Files share modules and page: each test cleans up after itself, which the whole run in one page also proves. A sheet with some hundred fields takes seconds to search on a busy machine.
export default defineConfig({
  test: { name: 'web', include: ['src/**/*.test.{ts,tsx}'], environment: 'jsdom', isolate: false, testTimeout: 30_000 },
})
