import { cutText, appWords, shelfWords, NAME_MOST, TankEntry } from '@jovrin/contract'
import { civilDate, datePlusDays, newPlan, type Plan } from '@jovrin/core'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { postJson } from '../../api/http.js'
import { newId } from '../../api/newId.js'
import { ownTimeZone } from '../../ui/locale.js'
import { useNotice } from '../../ui/notice.js'

const SAMPLE_AGE_DAYS = 21

/** Puts a tank of a plan on the shelf and goes there. */
function useMake(): (plan: Plan, place: 'plan' | 'balance', told?: string) => Promise<void> {
  const client = useQueryClient()
  const navigate = useNavigate()
  const tell = useNotice()
  return useCallback(
    async (plan, place, told) => {
      try {
        const made = await postJson('/api/tanks', { id: newId(), plan }, TankEntry)
        await client.invalidateQueries({ queryKey: ['tanks'] })
        if (told !== undefined) tell({ text: told })
        await navigate(`/tanks/${made.id}/${place}`)
      } catch (error) {
        tell({ text: error instanceof Error ? error.message : appWords.failed })
      }
    },
    [client, navigate, tell],
  )
}

/** A tank of the same plan that begins today, for a second one like it or a build to be changed; its journal is its own. */
export function useDuplicate(): (tank: TankEntry) => Promise<void> {
  const make = useMake()
  return ({ plan }) => {
    const name = cutText(shelfWords.copyName(plan.name), NAME_MOST)
    return make({ ...plan, name, startedOn: civilDate(new Date(), plan.timeZone) }, 'plan', shelfWords.duplicated(name))
  }
}

/** A tank to play with, of common answers, some weeks old. */
export function useSample(): () => Promise<void> {
  const make = useMake()
  return () => {
    const timeZone = ownTimeZone()
    return make(newPlan(shelfWords.sampleName, datePlusDays(civilDate(new Date(), timeZone), -SAMPLE_AGE_DAYS), timeZone), 'balance')
  }
}
