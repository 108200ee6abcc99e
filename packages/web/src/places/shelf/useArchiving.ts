import { appWords, shelfWords } from '@jovrin/contract'
import { useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { z } from 'zod'
import { changeJson } from '../../api/http.js'
import { forgetTank } from '../../ui/lastTank.js'
import { useNotice } from '../../ui/notice.js'

/** Takes tanks off the shelf and puts them back; says so until it is read. */
export function useArchiving() {
  const client = useQueryClient()
  const tell = useNotice()
  return useMemo(() => {
    const asked = async (act: () => Promise<void>): Promise<void> => {
      try {
        await act()
      } catch (error) {
        tell({ text: error instanceof Error ? error.message : appWords.failed })
      }
      await Promise.all(['tanks', 'archive', 'round'].map((key) => client.invalidateQueries({ queryKey: [key] })))
    }
    const restore = (id: string, name: string): Promise<void> =>
      asked(async () => {
        await changeJson('POST', `/api/tanks/${id}/restore`, z.unknown())
        tell({ text: shelfWords.restored(name) })
      })
    return {
      restore,
      archive: (id: string, name: string): Promise<void> =>
        asked(async () => {
          await changeJson('DELETE', `/api/tanks/${id}`, z.null())
          forgetTank(id)
          tell({ text: shelfWords.archived(name), isLasting: true, action: { label: shelfWords.undo, run: () => void restore(id, name) } })
        }),
      deleteForGood: (id: string, name: string): Promise<void> =>
        asked(async () => {
          await changeJson('DELETE', `/api/archive/${id}`, z.null())
          tell({ text: shelfWords.deleted(name) })
        }),
    }
  }, [client, tell])
}
