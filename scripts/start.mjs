// npm start: the user's own data. npm run demo: fresh made-up data in its own marked folder.
import { join } from 'node:path'
import { buildPages, hand, installPackages, root, run } from './install.mjs'

const isDemo = process.argv.includes('--demo')
const rest = process.argv.slice(2).filter((argument) => argument !== '--demo')
installPackages()
buildPages()
const env = {}
if (isDemo) {
  env.JOVRIN_DATA = process.env.JOVRIN_DATA || join(root, '.demo')
  if (run(process.execPath, ['--import', 'tsx', 'scripts/demo/seed.ts'], { env }) !== 0) process.exit(1)
}
hand(process.execPath, ['--import', 'tsx', 'packages/server/src/main.ts', ...rest], env)
