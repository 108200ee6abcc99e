import { readdirSync } from 'node:fs'
import { basename, join } from 'node:path'
import { build, type BuildOptions } from 'esbuild'

const root = join(import.meta.dirname, '..')
/** Beside the source, so that paths from there to the built pages stay true. */
const folder = join(root, 'packages/server/dist')
export const SERVER_BUNDLE = join(folder, 'main.mjs')
export const SEED_BUNDLE = join(folder, 'seed.mjs')

/** The same sources in one file each: they start in a fraction of the time, and a test starts many. Packages stay outside; ours go in. */
export default async function globalSetup(): Promise<void> {
  const ours = /^@jovrin\//
  const common: BuildOptions = {
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    plugins: [
      {
        name: 'packages-outside',
        setup: (pass) =>
          pass.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
            kind === 'entry-point' || ours.test(path) ? undefined : { path, external: true },
          ),
      },
    ],
  }
  await build({ ...common, entryPoints: [join(root, 'packages/server/src/main.ts')], outfile: SERVER_BUNDLE })
  // What runs in a thread or process of its own is looked for beside the server.
  for (const entry of workersOf(join(root, 'packages/server/src')))
    await build({ ...common, entryPoints: [entry], outfile: join(folder, basename(entry).replace(/\.ts$/, '.mjs')) })
  await build({ ...common, entryPoints: [join(root, 'scripts/demo/seed.ts')], outfile: SEED_BUNDLE })
}

const workersOf = (source: string): string[] =>
  readdirSync(source, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(worker|process)\.ts$/.test(name))
    .map((name) => join(source, name))
