// npm run coverage: which lines the unit and API tests run, package by package; reports in packages/*/coverage.
import { join } from 'node:path'
import { installPackages, root, run } from './install.mjs'

installPackages({ quiet: true })
const codes = ['core', 'contract', 'server', 'web'].map((name) =>
  run('npx', ['vitest', 'run', '--coverage', '--coverage.reporter=text-summary', '--coverage.reporter=html', '--coverage.include=src/**'], {
    cwd: join(root, 'packages', name),
    env: { JOVRIN_COVERAGE: '1' },
  }),
)
process.exit(Math.max(...codes))
