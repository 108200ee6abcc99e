import { defineConfig } from 'vitest/config'
export default defineConfig({
  test: {
    name: 'core',
    include: ['src/**/*.test.ts'],
    testTimeout: 120_000,
    // Native modules: the kernel's constants are then real constants, and a run is five times faster than through the module runner.
    experimental: { viteModuleRunner: false, nodeLoader: false },
    execArgv: ['--import', 'tsx'],
  },
})
