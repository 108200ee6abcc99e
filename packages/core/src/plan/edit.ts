/** A typed, invertible change of a plan: one leaf or list, addressed by a JSON pointer. Items of a list are addressed by their local id. `undefined` stands for "not there". */
export interface Edit {
  readonly path: string
  readonly from: unknown
  readonly to: unknown
}

const escape = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1')
const unescape = (key: string): string => key.replaceAll('~1', '/').replaceAll('~0', '~')
const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value)
/** Only what a document itself holds; what its prototype has is none of its fields. */
const ownOf = (record: Record<string, unknown>, key: string): unknown => (Object.hasOwn(record, key) ? record[key] : undefined)
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
/** The keys of a pointer, outermost first. */
export const keysOf = (path: string): string[] => (path === '' ? [] : path.slice(1).split('/').map(unescape))

/** Ids of a list whose items carry them, in order; `null` for any other list. */
function idsOf(list: unknown): readonly string[] | null {
  if (!Array.isArray(list)) return null
  const ids = list.map((item) => (isRecord(item) && typeof item['id'] === 'string' ? item['id'] : null))
  return ids.every((id): id is string => id !== null) && new Set(ids).size === ids.length ? ids : null
}

/** The edits that turn one document into another. Objects are compared field by field; lists item by item where the same ids stand in the same order, else as a whole. What two documents share is not looked into. */
export function diff(before: unknown, after: unknown, path = ''): Edit[] {
  if (before === after) return []
  const ids = idsOf(before)
  if (ids && ids.length > 0 && isSame(ids, idsOf(after)))
    return ids.flatMap((id, index) => diff((before as unknown[])[index], (after as unknown[])[index], `${path}/${escape(id)}`))
  if (!isRecord(before) || !isRecord(after)) return isSame(before, after) ? [] : [{ path, from: before, to: after }]
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return keys.flatMap((key) => diff(ownOf(before, key), ownOf(after, key), `${path}/${escape(key)}`))
}

export const invert = (edits: readonly Edit[]): Edit[] => edits.map(({ path, from, to }) => ({ path, from: to, to: from })).reverse()

/** How an item of a list is addressed: by its local id, or by its place where it carries none. */
export const placeKeyOf = (item: unknown, index: number): string =>
  isRecord(item) && typeof item['id'] === 'string' ? item['id'] : String(index)

/** Place in a list of the item with a local id; items that carry none are addressed by their place. -1 where there is none. Ids begin with a letter, so neither is taken for the other. */
function indexIn(list: readonly unknown[], key: string): number {
  const byId = list.findIndex((item) => isRecord(item) && item['id'] === key)
  if (byId >= 0 || !/^\d+$/.test(key)) return byId
  const item = list[Number(key)]
  return item === undefined || (isRecord(item) && 'id' in item) ? -1 : Number(key)
}

const childOf = (parent: unknown, key: string): unknown =>
  Array.isArray(parent) ? (parent as readonly unknown[])[indexIn(parent, key)] : isRecord(parent) ? ownOf(parent, key) : undefined

/** What stands at a path; `undefined` where nothing does. */
export const valueAt = (document: unknown, path: string): unknown => keysOf(path).reduce(childOf, document)

/** The document with another value at a path. What does not lie on the path stays the same object; a path that leads nowhere leaves the document as it is. */
export function withValue<T>(document: T, path: string, value: unknown): T {
  return placed(document, keysOf(path), value) as T // the same document but for one value
}

function placed(node: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value
  if (Array.isArray(node)) {
    const list = node as readonly unknown[]
    const index = indexIn(list, key)
    return index < 0 ? node : list.with(index, placed(list[index], rest, value))
  }
  if (!isRecord(node)) return node
  if (rest.length > 0) return Object.hasOwn(node, key) ? { ...node, [key]: placed(node[key], rest, value) } : node
  if (value !== undefined) return { ...node, [key]: value }
  return Object.fromEntries(Object.entries(node).filter(([name]) => name !== key))
}

/** Applies edits to a plain document; `null` when one of them no longer fits what is there, so that nobody's later change is overwritten. */
export function applyEdits<T>(document: T, edits: readonly Edit[]): T | null {
  let result: unknown = document
  for (const { path, from, to } of edits) {
    if (!isSame(valueAt(result, path), from)) return null
    const keys = keysOf(path)
    if (keys.length > 1 && keys.slice(0, -1).reduce(childOf, result) === undefined) return null
    result = placed(result, keys, to)
  }
  return result as T // the edits came from documents of this shape; the boundary checks it again
}
