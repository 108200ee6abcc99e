import { randomBytes } from 'node:crypto'
import { diff, uuidV7, type Plan, type SettingChange } from '@jovrin/core'
import { refusalWords, type FieldPast, type PlanRevision, SETTINGS_MOST } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { historyOf, type History } from './history.js'
import { planRepository, type RevisionAct } from './plan.repository.js'
import type { StoredRevision } from './rows.js'
import { settingRepository } from './setting.repository.js'

export const planService = (db: Knex, clock: Clock) => {
  const newestOf = async (on: Knex, tankId: string): Promise<StoredRevision> => {
    const newest = await planRepository(on).newest(tankId)
    if (newest === null) throw new Refusal(404, 'no_such_tank', refusalWords.noSuchTank)
    return newest
  }
  const told = ({ revision, plan }: StoredRevision, history: History): PlanRevision => ({
    revision,
    plan,
    canUndo: history.undoable !== null,
    canRedo: history.redoable !== null,
  })

  /** Appends one revision if `expected` is still the newest. Every change of a plan goes through here. */
  const append = (
    tankId: string,
    expected: number,
    make: (history: History, planOf: (revision: RevisionAct) => Promise<Plan>) => Promise<Omit<StoredRevision, 'revision' | 'createdAt'>>,
    why: string | null = null,
  ): Promise<PlanRevision> =>
    db.transaction(async (trx) => {
      const newest = await newestOf(trx, tankId)
      if (newest.revision !== expected) throw new Refusal(412, 'stale', refusalWords.stale)
      const acts = await planRepository(trx).actsOf(tankId)
      const made = await make(historyOf(acts), async ({ revision }) => {
        const plan = await planRepository(trx).planAt(tankId, revision)
        if (plan === null) throw new Refusal(409, 'unreadable', refusalWords.unreadableRevision)
        return plan
      })
      const next = { ...made, revision: newest.revision + 1, createdAt: clock().toISOString() }
      const edits = diff(newest.plan, next.plan)
      await planRepository(trx).add(tankId, { ...next, edits })
      if (next.effectiveOn !== null && (await settingRepository(trx).count(tankId)) + edits.length > SETTINGS_MOST)
        throw new Refusal(409, 'too_many', refusalWords.tooManySettings(String(SETTINGS_MOST)))
      // One dated record a changed field: "what changed before this began" is answered from these.
      if (next.effectiveOn !== null)
        for (const { path, from, to } of edits)
          await settingRepository(trx).add(tankId, {
            id: uuidV7(clock().getTime(), randomBytes(16)),
            effectiveOn: next.effectiveOn,
            path,
            from,
            to,
            planRevision: next.revision,
            why,
          })
      return told(next, historyOf([...acts, next]))
    })

  const standingSettings = async (on: Knex, tankId: string): Promise<SettingChange[]> => {
    const standing = new Set(historyOf(await planRepository(on).actsOf(tankId)).standing.map(({ revision }) => revision))
    return (await settingRepository(on).ofTank(tankId)).filter(({ planRevision }) => standing.has(planRevision))
  }

  return {
    newest: async (tankId: string): Promise<PlanRevision> =>
      told(await newestOf(db, tankId), historyOf(await planRepository(db).actsOf(tankId))),

    put: (tankId: string, expected: number, plan: Plan, effectiveOn: string | null, why: string | null = null): Promise<PlanRevision> =>
      append(tankId, expected, () => Promise.resolve({ plan, effectiveOn, act: 'edit', ofRevision: null }), why),

    undo: (tankId: string, expected: number): Promise<PlanRevision> =>
      append(tankId, expected, async ({ undoable, standing }, planOf) => {
        const before = standing.at(-2)
        if (undoable === null || before === undefined) throw new Refusal(409, 'nothing_to_undo', refusalWords.nothingToUndo)
        return { plan: await planOf(before), effectiveOn: null, act: 'undo', ofRevision: undoable.revision }
      }),

    redo: (tankId: string, expected: number): Promise<PlanRevision> =>
      append(tankId, expected, async ({ redoable }, planOf) => {
        if (redoable === null) throw new Refusal(409, 'nothing_to_redo', refusalWords.nothingToRedo)
        return { plan: await planOf(redoable), effectiveOn: null, act: 'redo', ofRevision: redoable.revision }
      }),

    /** Writes the past of one field anew. It hangs on the first revision, which nobody takes back, so that no undo of a later edit loses it. */
    rewritePast: (tankId: string, { path, first, steps, replaces }: FieldPast): Promise<void> =>
      db.transaction(async (trx) => {
        const { plan } = await newestOf(trx, tankId)
        const standing = (await standingSettings(trx, tankId)).filter((change) => change.path === path)
        if (standing.length !== replaces.length || !standing.every(({ id }) => replaces.includes(id)))
          throw new Refusal(412, 'stale', refusalWords.stalePast)
        if (steps.some(({ effectiveOn }) => effectiveOn <= plan.startedOn))
          throw new Refusal(422, 'before_start', refusalWords.beforeStart(plan.startedOn))
        const settings = settingRepository(trx)
        await settings.remove(tankId, replaces)
        if ((await settings.count(tankId)) + steps.length > SETTINGS_MOST)
          throw new Refusal(409, 'too_many', refusalWords.tooManySettings(String(SETTINGS_MOST)))
        let from = first
        for (const { effectiveOn, to, why } of steps) {
          await settings.add(tankId, { id: uuidV7(clock().getTime(), randomBytes(16)), effectiveOn, path, from, to, planRevision: 1, why })
          from = to
        }
      }),

    /** Dated changes that stand: those of revisions that were not taken back. */
    settings: (tankId: string): Promise<SettingChange[]> => standingSettings(db, tankId),
  }
}
export type PlanService = ReturnType<typeof planService>
