import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { build, type BuildOptions } from 'esbuild'

const source = join(import.meta.dirname, '..')
/** Beside the source, so that paths from there to the built pages stay true. */
const folder = join(source, '../dist')
/** A module of the server as one file, by its path in the source without the ending. */
export const bundled = (path: string): string => join(folder, `${path.replaceAll('/', '-')}.mjs`)

/** Packages stay outside; ours go in. */
export const PACKAGES_OUTSIDE: BuildOptions = {
  outExtension: { '.js': '.mjs' },
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
          kind === 'entry-point' || /^@jovrin\//.test(path) ? undefined : { path, external: true },
        ),
    },
  ],
}

const COMMANDS = ['main', 'backup/command', 'rescue/command', 'testing/recordWriter']

/** The same sources in one file each: they start in a fraction of the time, and tests start many. */
export default async function bundleServer(): Promise<void> {
  const workers = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter((name) => /\.(worker|process)\.ts$/.test(name))
  await build({
    entryPoints: [
      ...COMMANDS.map((path) => ({ in: join(source, `${path}.ts`), out: path.replaceAll('/', '-') })),
      // What runs in a thread or a process of its own is looked for beside the server.
      ...workers.map((path) => ({ in: join(source, path), out: (path.split('/').at(-1) ?? path).replace(/\.ts$/, '') })),
    ],
    outdir: folder,
    ...PACKAGES_OUTSIDE,
  })
}
