// npm run backup [-- FILE], npm run restore -- FILE: everything in one archive, out and in. npm run rescue -- FOLDER: what can still be read of a damaged database.
import { installPackages, run } from './install.mjs'

installPackages({ quiet: true })
const [act, ...rest] = process.argv.slice(2)
const command = act === 'rescue' ? ['packages/server/src/rescue/command.ts'] : ['packages/server/src/backup/command.ts', act]
process.exit(run(process.execPath, ['--import', 'tsx', ...command, ...rest]))
