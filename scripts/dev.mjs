// npm run dev: the server and the pages, both of which reload when their sources change. Data in .dev, the pages at the address that Vite prints.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { installPackages, root } from './install.mjs'

installPackages()
const PORT = process.env.JOVRIN_PORT ?? '4781'
const env = { ...process.env, JOVRIN_DATA: process.env.JOVRIN_DATA ?? join(root, '.dev'), JOVRIN_PORT: PORT }
const children = [
  spawn(process.execPath, ['--watch', '--import', 'tsx', 'packages/server/src/main.ts'], { cwd: root, env, stdio: 'inherit' }),
  spawn('npx', ['vite'], { cwd: join(root, 'packages', 'web'), env, stdio: 'inherit' }),
]
const stop = () => children.forEach((child) => child.kill('SIGTERM'))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop)
for (const child of children) child.on('exit', stop)
