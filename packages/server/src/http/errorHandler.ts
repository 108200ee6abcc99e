import { ContradictionError, OutOfRangeError } from '@jovrin/core'
import { refusalWords, refusedWords, type Problem, sentenceOf } from '@jovrin/contract'
import type { ErrorRequestHandler } from 'express'
import type { Logger } from 'pino'
import { ZodError } from 'zod'
import { Refusal } from './refusal.js'

const problem = (status: number, code: string, detail: string, more: Partial<Problem> = {}): Problem => ({
  type: 'about:blank',
  title: status in refusalWords.title ? refusalWords.title[status as keyof typeof refusalWords.title] : refusalWords.title[400],
  status,
  code,
  detail,
  ...more,
})

const statusOf = (error: unknown): number | null => {
  const status = (error as { status?: unknown }).status
  return typeof status === 'number' && status >= 400 && status < 500 ? status : null
}
const codeOf = (error: unknown): string => {
  const { code, type } = error as { code?: unknown; type?: unknown }
  return typeof code === 'string' ? code : typeof type === 'string' ? type : ''
}

/** What an error means to the one who asked. Unknown ones are faults of ours and say nothing of the inside. */
export function problemOf(error: unknown): Problem {
  if (error instanceof ZodError) {
    const [issue] = error.issues
    const { field, detail, allowed } = issue ? sentenceOf(issue) : { field: '', detail: refusedWords.notAccepted(refusedWords.theBody) }
    return problem(400, 'not_accepted', detail, { field, ...(allowed === undefined ? {} : { allowed }) })
  }
  if (error instanceof OutOfRangeError)
    return problem(422, error.code, refusedWords.outOfRange(error.quantity, String(error.value), String(error.min), String(error.max)), {
      field: error.quantity,
      allowed: `${error.min} – ${error.max}`,
    })
  if (error instanceof ContradictionError)
    return problem(422, error.code, refusedWords.contradiction(error.fields.join(', ')), { field: error.fields[0] ?? '' })
  if (error instanceof Refusal) return problem(error.status, error.code, error.detail, error.at)
  const code = codeOf(error)
  if (code.startsWith('SQLITE_FULL') || code.startsWith('SQLITE_IOERR') || code.startsWith('SQLITE_READONLY') || code === 'ENOSPC')
    return problem(507, 'no_space', refusalWords.diskFull)
  const status = statusOf(error)
  if (status === 413) return problem(413, 'too_large', refusalWords.tooBig)
  if (status === 415) return problem(415, 'wrong_kind', refusalWords.wrongMedia)
  if (status !== null) return problem(status, 'not_readable', status === 404 ? refusalWords.noSuchRoute : refusalWords.notJson)
  return problem(500, 'fault', refusalWords.fault)
}

export const errorHandler =
  (log: Logger): ErrorRequestHandler =>
  (error, _req, res, next) => {
    if (res.destroyed) return // the asker has gone
    const answer = problemOf(error)
    if (answer.status >= 500) log.error({ err: error }, 'request failed')
    if (res.headersSent) {
      next(error)
      return
    }
    res.status(answer.status).type('application/problem+json').json(answer)
  }
