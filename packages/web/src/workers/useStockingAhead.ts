import { stockingAhead, type AheadTask, type StockingAhead } from '@jovrin/core'
import { useEffect, useId, useMemo, useState } from 'react'
import { partsTo, workQueue } from './workQueue.js'

const MEMBERS = 16

/** A tank's life with the animals that are planned, by drawn tanks; `null` until all have answered. */
export function useStockingAhead(task: AheadTask | null): StockingAhead | null {
  const client = useId()
  const [found, setFound] = useState<{ readonly key: string; readonly ahead: StockingAhead } | null>(null)
  const key = useMemo(() => (task === null ? '' : JSON.stringify(task)), [task])
  useEffect(() => {
    if (task === null) return
    return workQueue.run({
      client,
      kind: 'stocking',
      task,
      parts: partsTo(MEMBERS),
      onProgress: ({ results, isDone }) => isDone && results.length > 0 && setFound({ key, ahead: stockingAhead(results) }),
    })
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key])
  return found?.key === key ? found.ahead : null
}
