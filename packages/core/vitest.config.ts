import { defineConfig } from 'vitest/config'
export default defineConfig({
  test: {
    name: 'core',
    include: ['src/**/*.test.ts'],
    setupFiles: ['./src/testing/properties.ts'],
    testTimeout: 120_000,
    // Files share their modules: core keeps no state between tests but caches of what does not change.
    isolate: false,
    // Native modules: the kernel's constants are then real constants, and a run is five times faster than through the module runner.
    experimental: { viteModuleRunner: false, nodeLoader: false },
    execArgv: ['--import', 'tsx'],
  },
})
