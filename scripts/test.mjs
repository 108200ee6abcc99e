// npm test: types, lint, import rule, unit, API and browser tests. Prints the time of each layer and ends with one line of counts.
import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildPages, installBrowser, installPackages, root, run } from './install.mjs'

const WARN_AT = 0.8
const counts = { passed: 0, failed: 0 }
const broken = []
const reports = mkdtempSync(join(tmpdir(), 'jovrin-reports-'))

async function layer(name, budgetMin, steps) {
  const started = Date.now()
  for (const step of steps) if (!(await step())) broken.push(name)
  const minutes = (Date.now() - started) / 60_000
  const note = minutes > budgetMin * WARN_AT ? `  WARNING: over ${WARN_AT * 100} % of its ${budgetMin} min` : ''
  console.log(`— ${name}: ${minutes.toFixed(2)} min${note}`)
}

/** Checks without tests of their own count as one each. They run side by side: none needs what another makes. */
const checks = (commands) => async () => {
  const codes = await Promise.all(
    commands.map(
      ([command, ...args]) => new Promise((resolve) => spawn(command, args, { cwd: root, stdio: 'inherit' }).on('exit', resolve)),
    ),
  )
  for (const code of codes) counts[code === 0 ? 'passed' : 'failed']++
  return codes.every((code) => code === 0)
}

const vitest = (name) => () => {
  const file = join(reports, `${name}.json`)
  const code = run('npx', ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile=${file}`], {
    cwd: join(root, 'packages', name),
  })
  return tally(file, code, ({ numPassedTests, numFailedTests }) => [numPassedTests, numFailedTests])
}

const playwright = () => {
  const code = run('npx', ['playwright', 'test'], { cwd: join(root, 'e2e') })
  return tally(join(root, 'e2e', 'test-results', 'report.json'), code, ({ stats }) => [stats.expected, stats.unexpected + stats.flaky])
}

/** A runner that wrote no report, or ran nothing, has failed. */
function tally(file, code, read) {
  try {
    const [passed, failed] = read(JSON.parse(readFileSync(file, 'utf8')))
    counts.passed += passed
    counts.failed += failed
    if (code !== 0 && failed === 0) counts.failed++
    return code === 0 && passed > 0
  } catch {
    counts.failed++
    return false
  }
}

const started = Date.now()
await layer('install and build', 2, [
  () => {
    installPackages()
    installBrowser()
    buildPages({ always: true })
    return true
  },
])
await layer('static', 1, [
  checks([
    ['npx', 'tsc', '-b'],
    ['npx', 'eslint', '.'],
    ['npx', 'depcruise', 'packages', '--config', '.dependency-cruiser.mjs'],
  ]),
])
await layer('core', 2, [vitest('core')])
await layer('contract and API', 1.5, [vitest('contract'), vitest('server')])
await layer('web', 1, [vitest('web')])
await layer('browser', 5, [playwright])
rmSync(reports, { recursive: true, force: true })
const minutes = (Date.now() - started) / 60_000
console.log(`— all: ${minutes.toFixed(2)} min of 12`)
mkdirSync(join(root, 'node_modules', '.cache'), { recursive: true })
writeFileSync(join(root, 'node_modules', '.cache', 'jovrin-test-minutes.json'), JSON.stringify({ minutes })) // for npm run bench
if (broken.length > 0) console.log(`failed in: ${[...new Set(broken)].join(', ')}`)
console.log(`${counts.passed} passed, ${counts.failed} failed`)
process.exit(broken.length > 0 || counts.failed > 0 ? 1 : 0)
