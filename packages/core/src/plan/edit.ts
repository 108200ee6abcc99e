/** A typed, invertible change of a plan: one leaf or list, addressed by a JSON pointer. `undefined` stands for "not there". */
export interface Edit {
  readonly path: string
  readonly from: unknown
  readonly to: unknown
}

const escape = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1')
const unescape = (key: string): string => key.replaceAll('~1', '/').replaceAll('~0', '~')
const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value)
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** The edits that turn one document into another. Objects are compared field by field, lists as a whole. */
export function diff(before: unknown, after: unknown, path = ''): Edit[] {
  if (isSame(before, after)) return []
  if (!isRecord(before) || !isRecord(after)) return [{ path, from: before, to: after }]
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return keys.flatMap((key) => diff(before[key], after[key], `${path}/${escape(key)}`))
}

export const invert = (edits: readonly Edit[]): Edit[] => edits.map(({ path, from, to }) => ({ path, from: to, to: from })).reverse()

/** Applies edits to a plain document; `null` when one of them no longer fits what is there, so that nobody's later change is overwritten. */
export function applyEdits<T>(document: T, edits: readonly Edit[]): T | null {
  let result: unknown = structuredCloneOf(document)
  for (const edit of edits) {
    const keys = edit.path === '' ? [] : edit.path.slice(1).split('/').map(unescape)
    const last = keys.pop()
    if (last === undefined) {
      if (!isSame(result, edit.from)) return null
      result = edit.to
      continue
    }
    let parent: unknown = result
    for (const key of keys) parent = isRecord(parent) ? parent[key] : undefined
    if (!isRecord(parent) || !isSame(parent[last], edit.from)) return null
    if (edit.to === undefined) delete parent[last]
    else parent[last] = edit.to
  }
  return result as T // the edits came from documents of this shape; the boundary checks it again
}

/** Plans are plain JSON. */
const structuredCloneOf = <T>(document: T): T => JSON.parse(JSON.stringify(document)) as T
