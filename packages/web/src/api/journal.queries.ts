import { JobList, type JournalEntry, JournalPage, KitSchema, ReadingSeries, Round, SessionReport, SettingList } from '@jovrin/contract'
import type { ReadingQuantity, RecordKind } from '@jovrin/core'
import { infiniteQueryOptions, queryOptions, useQueryClient, type Query } from '@tanstack/react-query'
import { useCallback } from 'react'
import { z } from 'zod'
import { getJson } from './http.js'

export interface JournalFind {
  readonly kind: RecordKind | null
  readonly quantity: ReadingQuantity | null
  readonly text: string
}
const PAGE = 60
/** The most that the server tells at a time. */
const WHOLE_PAGE = 500
/** Readings in one table: five a day for eight years. */
const TABLE_MOST = 15_000

export const journalOfTank = (tankId: string, find: JournalFind) =>
  infiniteQueryOptions({
    queryKey: ['tanks', tankId, 'journal', find],
    queryFn: ({ signal, pageParam }) => {
      const query = new URLSearchParams({ limit: String(PAGE) })
      if (find.kind !== null) query.set('kinds', find.kind)
      if (find.quantity !== null) query.set('quantity', find.quantity)
      if (find.text !== '') query.set('q', find.text)
      if (pageParam !== null) query.set('before', pageParam)
      return getJson(`/api/tanks/${tankId}/journal?${query.toString()}`, JournalPage, signal)
    },
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.cursor,
  })
export const readingsOfTank = (tankId: string, quantity: ReadingQuantity) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'readings', quantity],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/readings?quantity=${quantity}`, ReadingSeries, signal),
  })
/** All readings since an instant with what was typed, newest first, page by page; `null` is since ever. */
export const readingEntries = (tankId: string, since: string | null) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'journal', 'table', since],
    queryFn: async ({ signal }) => {
      const query = new URLSearchParams({ kinds: 'reading', limit: String(WHOLE_PAGE), ...(since === null ? {} : { from: since }) })
      const entries: JournalEntry[] = []
      for (;;) {
        const page = await getJson(`/api/tanks/${tankId}/journal?${query.toString()}`, JournalPage, signal)
        entries.push(...page.entries)
        if (page.cursor === null || entries.length >= TABLE_MOST) return { entries, isAll: page.cursor === null }
        query.set('before', page.cursor)
      }
    },
  })
/** Acts and signs that a chart marks. */
export const marksOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'journal', 'marks'],
    queryFn: ({ signal }) =>
      getJson(`/api/tanks/${tankId}/journal?kinds=change,trim,dose,plants,sign,death&limit=500`, JournalPage, signal),
  })
export const photosOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'journal', 'photos'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/journal?kinds=photo&limit=500`, JournalPage, signal),
  })
/** Readings of the last weeks, for answers. */
export const latestReadings = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'journal', 'latest'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/journal?kinds=reading&limit=300`, JournalPage, signal),
  })
export const settingsOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'settings'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/settings`, SettingList, signal),
  })
export const jobsOfTank = (tankId: string, from: string, to: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'jobs', from, to],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/jobs?from=${from}&to=${to}`, JobList, signal),
  })
export const roundToday = () => queryOptions({ queryKey: ['round'], queryFn: ({ signal }) => getJson('/api/round', Round, signal) })
export const allKits = () =>
  queryOptions({ queryKey: ['kits'], queryFn: ({ signal }) => getJson('/api/kits', z.array(KitSchema), signal), staleTime: 60_000 })
export const session = () =>
  queryOptions({ queryKey: ['session'], queryFn: ({ signal }) => getJson('/api/session', SessionReport, signal), staleTime: 60_000 })

/** What a change of the journal or of jobs makes stale. */
export function useJournalChanged(): (tankId: string) => Promise<void> {
  const client = useQueryClient()
  return useCallback(
    async (tankId) => {
      const isStale = ({ queryKey: [root, tank, part] }: Query): boolean =>
        root === 'round' ||
        (root === 'tanks' && tank === tankId && ['journal', 'readings', 'timeline', 'jobs', 'condition'].includes(String(part)))
      // A first answer that is still under way may be from before the change: it would be taken for the newest.
      await client.cancelQueries({ predicate: isStale })
      await client.invalidateQueries({ predicate: isStale })
    },
    [client],
  )
}
