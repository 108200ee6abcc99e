// npm run backup [-- FILE], npm run restore -- FILE: everything in one archive, out and in.
import { installPackages, run } from './install.mjs'

installPackages({ quiet: true })
process.exit(run(process.execPath, ['--import', 'tsx', 'packages/server/src/backup/command.ts', ...process.argv.slice(2)]))
