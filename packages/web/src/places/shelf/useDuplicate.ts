import { cutText, enApp, enShelf, NAME_MOST, TankEntry } from '@jovrin/contract'
import { civilDate } from '@jovrin/core'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { postJson } from '../../api/http.js'
import { newId } from '../../api/newId.js'
import { useNotice } from '../../ui/notice.js'

/** A tank of the same plan that begins today, for a second one like it or a build to be changed; its journal is its own. */
export function useDuplicate(): (tank: TankEntry) => Promise<void> {
  const client = useQueryClient()
  const navigate = useNavigate()
  const tell = useNotice()
  return useCallback(
    async ({ plan }) => {
      try {
        const name = cutText(enShelf.copyName(plan.name), NAME_MOST)
        const startedOn = civilDate(new Date(), plan.timeZone)
        const made = await postJson('/api/tanks', { id: newId(), plan: { ...plan, name, startedOn } }, TankEntry)
        await client.invalidateQueries({ queryKey: ['tanks'] })
        tell({ text: enShelf.duplicated(name) })
        await navigate(`/tanks/${made.id}/plan`)
      } catch (error) {
        tell({ text: error instanceof Error ? error.message : enApp.failed })
      }
    },
    [client, navigate, tell],
  )
}
