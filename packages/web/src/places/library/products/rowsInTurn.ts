type Changes<Row> = (next: Row, before: Row) => Promise<Row>

/** Keeps changes of rows one after another. A cell can be changed while the one before it is still on its way: each change is laid over what was kept last, so that neither takes the other back. */
export function rowsInTurn<Row extends { readonly id: string }>(keep: (next: Row, before: Row) => Promise<void>): Changes<Row> {
  let last: Promise<unknown> = Promise.resolve()
  let waiting = 0
  const kept = new Map<string, Row>()
  return (next, before) => {
    const changed = Object.fromEntries(Object.entries(next).filter(([name, value]) => !Object.is(value, Reflect.get(before, name))))
    waiting += 1
    const work = last.then(async () => {
      try {
        const now = kept.get(next.id) ?? before
        const row: Row = { ...now, ...changed }
        if (Object.keys(changed).length > 0) await keep(row, now)
        kept.set(next.id, row)
        return row
      } finally {
        waiting -= 1
        // What stands in the table is as it was kept: from here on another window may have changed it.
        if (waiting === 0) kept.clear()
      }
    })
    last = work.catch(() => undefined)
    return work
  }
}
