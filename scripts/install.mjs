// Plain Node, no dependency: runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))

/** Runs a command to its end; its exit code, output passed through (or to stderr, where stdout belongs to figures). */
export function run(command, args, { env = {}, quiet = false, cwd = root } = {}) {
  const result = spawnSync(command, args, {
    cwd,
    env: { ...process.env, ...env },
    stdio: quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
  })
  if (result.error) throw result.error
  return result.status ?? 1
}

function newestOf(path) {
  return existsSync(path) ? statSync(path).mtimeMs : 0
}

/** Installs packages when they are missing or older than the lock file. */
export function installPackages({ quiet = false } = {}) {
  const mark = join(root, 'node_modules', '.package-lock.json')
  if (newestOf(mark) >= newestOf(join(root, 'package-lock.json'))) return
  console.error('Installing packages …')
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { quiet }) !== 0) process.exit(1)
}

/** Builds the pages when they are missing or `always`. */
export function buildPages({ always = false, quiet = false } = {}) {
  const page = join(root, 'packages', 'web', 'dist', 'index.html')
  if (!always && existsSync(page) && !isOlderThanSources(page)) return
  console.error('Building the pages …')
  if (run('npx', ['vite', 'build', '--logLevel', 'warn'], { quiet, cwd: join(root, 'packages', 'web') }) !== 0) process.exit(1)
}

function isOlderThanSources(page) {
  const built = newestOf(page)
  const result = spawnSync(
    'find',
    [
      'packages/core/src',
      'packages/contract/src',
      'packages/web/src',
      'packages/web/index.html',
      'packages/web/vite.config.ts',
      '-newermt',
      new Date(built).toISOString(),
      '-type',
      'f',
    ],
    { cwd: root, encoding: 'utf8' },
  )
  return result.status !== 0 || result.stdout.trim() !== ''
}

/** Chromium from the distribution's packages, where none is there. */
export function installBrowser() {
  if (existsSync('/usr/bin/chromium')) return
  console.error('Installing Chromium …')
  const lock = ['-o', 'DPkg::Lock::Timeout=300']
  run('apt-get', [...lock, 'update', '-qq'])
  if (run('apt-get', [...lock, 'install', '-y', '-qq', 'chromium'], { env: { DEBIAN_FRONTEND: 'noninteractive' } }) !== 0) {
    console.error('Chromium could not be installed; browser tests need /usr/bin/chromium.')
    process.exit(1)
  }
}

/** Starts the server: it gets our signals, we end with its code and say so when nobody asked it to end. */
export function hand(command, args, env = {}) {
  const child = spawn(command, args, { cwd: root, env: { ...process.env, ...env }, stdio: 'inherit' })
  let isAsked = false
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      isAsked = true
      child.kill(signal)
    })
  child.on('exit', (code, signal) => {
    if (!isAsked && signal !== null)
      console.error(`Jovrin was ended from outside (${signal}). What was acknowledged is kept; start it again.`)
    else if (!isAsked && code === FAULT_CODE) console.error('Jovrin ended because of a fault; the lines above say which. Start it again.')
    process.exit(signal ? 1 : (code ?? 1))
  })
}
/** The server’s own word for having fallen; other codes come with a sentence. */
const FAULT_CODE = 70
