import { join } from 'node:path'
import { build } from 'esbuild'
import bundleServer, { bundled, PACKAGES_OUTSIDE } from '../packages/server/src/testing/bundle.js'

const root = join(import.meta.dirname, '..')
export const SERVER_BUNDLE = bundled('main')
export const SEED_BUNDLE = bundled('seed')

/** The server and the demo’s seeder in one file each: a test starts many. */
export default async function globalSetup(): Promise<void> {
  await bundleServer()
  await build({
    entryPoints: [join(root, 'scripts/demo/seed.ts')],
    outfile: SEED_BUNDLE,
    ...PACKAGES_OUTSIDE,
  })
}
