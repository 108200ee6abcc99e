import { defineConfig } from 'vitest/config'
export default defineConfig({ test: { name: 'contract', include: ['src/**/*.test.{ts,tsx}'], isolate: false, testTimeout: 60_000 } })
