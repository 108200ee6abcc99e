/** A typed, invertible change of a plan: one leaf or list, addressed by a JSON pointer. Items of a list are addressed by their local id. `undefined` stands for "not there". */
export interface Edit {
  readonly path: string
  readonly from: unknown
  readonly to: unknown
}

const escape = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1')
const unescape = (key: string): string => key.replaceAll('~1', '/').replaceAll('~0', '~')
const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value)
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
const keysOf = (path: string): string[] => (path === '' ? [] : path.slice(1).split('/').map(unescape))

/** Ids of a list whose items carry them, in order; `null` for any other list. */
function idsOf(list: unknown): readonly string[] | null {
  if (!Array.isArray(list)) return null
  const ids = list.map((item) => (isRecord(item) && typeof item['id'] === 'string' ? item['id'] : null))
  return ids.every((id): id is string => id !== null) && new Set(ids).size === ids.length ? ids : null
}

/** The edits that turn one document into another. Objects are compared field by field; lists item by item where the same ids stand in the same order, else as a whole. */
export function diff(before: unknown, after: unknown, path = ''): Edit[] {
  if (isSame(before, after)) return []
  const ids = idsOf(before)
  if (ids && ids.length > 0 && isSame(ids, idsOf(after)))
    return ids.flatMap((id, index) => diff((before as unknown[])[index], (after as unknown[])[index], `${path}/${escape(id)}`))
  if (!isRecord(before) || !isRecord(after)) return [{ path, from: before, to: after }]
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return keys.flatMap((key) => diff(before[key], after[key], `${path}/${escape(key)}`))
}

export const invert = (edits: readonly Edit[]): Edit[] => edits.map(({ path, from, to }) => ({ path, from: to, to: from })).reverse()

const childOf = (parent: unknown, key: string): unknown =>
  Array.isArray(parent) ? parent.find((item) => isRecord(item) && item['id'] === key) : isRecord(parent) ? parent[key] : undefined

/** What stands at a path; `undefined` where nothing does. */
export const valueAt = (document: unknown, path: string): unknown => keysOf(path).reduce(childOf, document)

/** A copy with another value at a path. A path that no longer leads anywhere leaves the document as it is. */
export function withValue<T>(document: T, path: string, value: unknown): T {
  const copy = copyOf(document)
  put(copy, path, value)
  return copy
}

function put(document: unknown, path: string, value: unknown): void {
  const keys = keysOf(path)
  const last = keys.pop()
  const parent = keys.reduce(childOf, document)
  if (last === undefined) return
  if (Array.isArray(parent)) {
    const at = parent.findIndex((item) => isRecord(item) && item['id'] === last)
    if (at >= 0) parent[at] = value
  } else if (isRecord(parent)) {
    if (value === undefined) delete parent[last]
    else parent[last] = value
  }
}

/** Applies edits to a plain document; `null` when one of them no longer fits what is there, so that nobody's later change is overwritten. */
export function applyEdits<T>(document: T, edits: readonly Edit[]): T | null {
  let result: unknown = copyOf(document)
  for (const { path, from, to } of edits) {
    if (!isSame(valueAt(result, path), from)) return null
    const keys = keysOf(path)
    if (keys.length === 0) result = to
    else if (keys.length > 1 && keys.slice(0, -1).reduce(childOf, result) === undefined) return null
    else put(result, path, to)
  }
  return result as T // the edits came from documents of this shape; the boundary checks it again
}

/** Plans are plain JSON. */
const copyOf = <T>(document: T): T => JSON.parse(JSON.stringify(document)) as T
