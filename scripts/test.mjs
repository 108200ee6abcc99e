// npm test: types, lint, format, import rules, unit, API and browser tests. Prints the time of each layer and ends with one line of counts.
// npm run test:unit, npm run test:browser [-- FILE …], npm run test:long: parts of it, and the random properties from fresh seeds, many times over.
import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildPages, installBrowser, installPackages, root } from './install.mjs'

const [, , part = 'all', ...files] = process.argv
const BUDGET_MIN = 8
const WARN_AT = 0.8
const counts = { passed: 0, failed: 0 }
const broken = new Set()
const reports = mkdtempSync(join(tmpdir(), 'jovrin-reports-'))

/** Runs one command to its end; several may run side by side, so each hands its output over when it has ended. */
const command = (args, { cwd = root, env = {}, isLive = false } = {}) =>
  new Promise((resolve) => {
    const child = spawn(args[0], args.slice(1), {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', isLive ? 'inherit' : 'pipe', isLive ? 'inherit' : 'pipe'],
    })
    const said = []
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => said.push(chunk))
    child.on('exit', (code) => {
      process.stdout.write(Buffer.concat(said))
      resolve(code ?? 1)
    })
  })

async function timed(name, budgetMin, work) {
  const started = Date.now()
  const isGood = await work()
  if (!isGood) broken.add(name)
  const minutes = (Date.now() - started) / 60_000
  const note = minutes > budgetMin * WARN_AT ? `  WARNING: over ${WARN_AT * 100} % of its ${budgetMin} min` : ''
  console.log(`— ${name}: ${minutes.toFixed(2)} min${note}`)
}

/** A check without tests of its own counts as one. */
const check = (name, args) =>
  timed(name, 2, async () => {
    const isGood = (await command(args)) === 0
    counts[isGood ? 'passed' : 'failed']++
    return isGood
  })

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

const unit = (name, budgetMin, env = {}) =>
  timed(name, budgetMin, async () => {
    const file = join(reports, `${name}.json`)
    const code = await command(['npx', 'vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile=${file}`], {
      cwd: join(root, 'packages', name),
      env,
    })
    return tally(file, code, ({ numPassedTests, numFailedTests }) => [numPassedTests, numFailedTests])
  })

const statics = async () => {
  await check('types', ['node', 'node_modules/typescript7/bin/tsc', '-b'])
  await check('import rules', ['npx', 'depcruise', 'packages', '--config', '.dependency-cruiser.mjs'])
  await check('format', ['npx', 'prettier', '--check', '.', '--log-level', 'warn'])
  await check('lint by types', ['npx', 'oxlint', '--type-aware', '--quiet'])
  await check('lint', ['npx', 'eslint', '.'])
}
const units = async (env) => {
  await unit('core', 1, env)
  await unit('contract', 0.5, env)
  await unit('server', 1.5, env)
  await unit('web', 1.5, env)
}
const browser = () =>
  timed('browser', 5, async () => {
    const code = await command(['npx', 'playwright', 'test', ...files], { cwd: join(root, 'e2e'), isLive: true })
    return tally(join(root, 'e2e', 'test-results', 'report.json'), code, ({ stats }) => [stats.expected, stats.unexpected + stats.flaky])
  })

const started = Date.now()
await timed('install and build', 2, () => {
  installPackages()
  if (part === 'all' || part === 'browser') {
    installBrowser()
    buildPages({ always: true })
  }
  return true
})
// Checks and unit tests leave a core idle in turns, so they share the machine; browser tests need all of it.
if (part === 'all') await timed('static and unit', 3, async () => Boolean(await Promise.all([statics(), units({})])))
if (part === 'unit') await units({})
if (part === 'long') await units({ JOVRIN_LONG: '1' })
if (part === 'all' || part === 'browser') await browser()
rmSync(reports, { recursive: true, force: true })
const minutes = (Date.now() - started) / 60_000
console.log(`— all: ${minutes.toFixed(2)} min of ${BUDGET_MIN}`)
if (part === 'all') {
  mkdirSync(join(root, 'node_modules', '.cache'), { recursive: true })
  writeFileSync(join(root, 'node_modules', '.cache', 'jovrin-test-minutes.json'), JSON.stringify({ minutes })) // for npm run bench
}
if (broken.size > 0) console.log(`failed in: ${[...broken].join(', ')}`)
console.log(`${counts.passed} passed, ${counts.failed} failed`)
process.exit(broken.size > 0 || counts.failed > 0 ? 1 : 0)
