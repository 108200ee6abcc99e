import { defineConfig } from 'vitest/config'

/** What counts covered lines knows only modules that the test runner itself has read. */
const isCounted = process.env['JOVRIN_COVERAGE'] !== undefined

export default defineConfig({
  test: {
    name: 'core',
    include: ['src/**/*.test.ts'],
    setupFiles: ['./src/testing/properties.ts'],
    testTimeout: 120_000,
    // Files share their modules: core keeps no state between tests but caches of what does not change.
    isolate: false,
    // Native modules: the kernel's constants are then real constants, and a run is five times faster than through the module runner.
    ...(isCounted ? {} : { experimental: { viteModuleRunner: false, nodeLoader: false }, execArgv: ['--import', 'tsx'] }),
  },
})
