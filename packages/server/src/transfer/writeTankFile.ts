import type { FileHandle } from 'node:fs/promises'
import { applyEdits, diff, type Plan } from '@jovrin/core'
import { refusalWords, TANK_FILE_FORMAT } from '@jovrin/contract'
import type { Knex } from 'knex'
import { Refusal } from '../http/refusal.js'
import { jobRepository } from '../job/job.repository.js'
import { journalRepository } from '../journal/journal.repository.js'
import { leverRepository } from '../levers/lever.repository.js'
import { planRepository, type FoundRevision } from '../plan/plan.repository.js'
import { settingRepository } from '../plan/setting.repository.js'
import { plantNoteRepository } from '../species/plantNote.repository.js'
import { tankRepository } from '../tank/tank.repository.js'
import { VERSION } from '../version.js'

const REVISIONS_AT_A_TIME = 200

/** Writes a tank with all that is known of it, piece by piece: a long past never stands in memory as one text. */
export async function writeTankFile(
  db: Knex,
  tankId: string,
  writtenAt: string,
  out: FileHandle,
): Promise<{ revisions: number; records: number }> {
  const tank = await tankRepository(db).any(tankId)
  if (tank === null) throw new Refusal(404, 'no_such_tank', refusalWords.noSuchTank)
  const head = {
    format: 'jovrin-tank',
    formatVersion: TANK_FILE_FORMAT,
    writtenAt,
    writtenBy: VERSION,
    tank: { id: tank.id, createdAt: tank.createdAt },
    settings: await settingRepository(db).ofTank(tankId),
    levers: await leverRepository(db).ofTank(tankId),
    jobs: await jobRepository(db).ofTank(tankId),
    plantNotes: (await plantNoteRepository(db).ofTank(tankId)).map(({ tankId: _here, ...note }) => note),
  }
  await out.writeFile(`${JSON.stringify(head).slice(0, -1)},"revisions":`)
  const revisions = await writeList(out, filedRevisions(db, tankId))
  await out.writeFile(',"journal":')
  const records = await writeList(out, await journalRepository(db).all(tankId))
  await out.writeFile('}')
  return { revisions, records }
}

const CHARACTERS_AT_A_TIME = 256 * 1024
async function writeList(out: FileHandle, items: AsyncIterable<object> | Iterable<object>): Promise<number> {
  let count = 0
  let text = '['
  for await (const item of items) {
    text += `${count === 0 ? '' : ','}${JSON.stringify(item)}`
    count++
    if (text.length < CHARACTERS_AT_A_TIME) continue
    await out.writeFile(text)
    text = ''
  }
  await out.writeFile(`${text}]`)
  return count
}

/** The first revision whole, each later one as what changed. A revision that cannot be read any more changes nothing, so that the others keep their numbers. */
async function* filedRevisions(db: Knex, tankId: string): AsyncGenerator<object> {
  let before: Plan | null = null
  const unread: FoundRevision[] = []
  for (let last = 0; ;) {
    const found = await planRepository(db).after(tankId, last, REVISIONS_AT_A_TIME)
    for (const revision of found) {
      const { plan, ...facts } = revision
      last = facts.revision
      if (before === null && plan === null) unread.push(revision)
      else if (before === null && plan !== null) {
        // What stood before the first readable plan is told as that plan.
        for (const { plan: _none, ...earlier } of unread) yield { ...earlier, plan }
        yield { ...facts, plan }
      } else if (before !== null) {
        const edits = plan === null ? [] : diff(before, plan)
        const isExact = plan === null || diff(applyEdits(before, JSON.parse(JSON.stringify(edits)) as typeof edits), plan).length === 0
        yield isExact ? { ...facts, edits } : { ...facts, plan }
      }
      before = plan ?? before
    }
    if (found.length < REVISIONS_AT_A_TIME) break
  }
  if (before === null) throw new Refusal(409, 'unreadable', refusalWords.unreadablePlan)
}
