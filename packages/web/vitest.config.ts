import { defineConfig } from 'vitest/config'
// A sheet with some hundred fields takes seconds to search on a busy machine.
export default defineConfig({ test: { name: 'web', include: ['src/**/*.test.{ts,tsx}'], environment: 'jsdom', testTimeout: 30_000 } })
