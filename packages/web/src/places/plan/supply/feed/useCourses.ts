import { COURSE_MEMBERS, type FeedCourse, type MemberCourses } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useId, useMemo, useState } from 'react'
import { agedTimeline, timelineOfTank } from '../../../../api/tanks.queries.js'
import { SEED } from '../../../../workers/useForecast.js'
import { partsTo, workQueue } from '../../../../workers/workQueue.js'

export interface CoursesState {
  readonly results: readonly MemberCourses[]
  readonly isDone: boolean
}
const NOTHING: CoursesState = { results: [], isDone: false }

/** Courses of feeding run from today in a few drawn tanks; empty where nothing is kept yet, and while the first is reckoned. */
export function useCourses(tankId: string, courses: readonly FeedCourse[]): CoursesState {
  const client = useId()
  const { data } = useQuery(timelineOfTank(tankId))
  const aged = useMemo(() => (data === undefined ? null : agedTimeline(data)), [data])
  const [found, setFound] = useState<{ readonly key: string; readonly state: CoursesState } | null>(null)
  const key = aged === null ? null : JSON.stringify([aged.timeline, aged.today, aged.deeds, courses])
  useEffect(() => {
    if (aged === null || key === null || courses.length === 0) return
    const { timeline, today, deeds } = aged
    return workQueue.run({
      client,
      kind: 'courses',
      task: { timeline, today, deeds, seed: SEED, courses },
      parts: partsTo(COURSE_MEMBERS),
      onProgress: ({ results, isDone }) => setFound({ key, state: { results, isDone } }),
    })
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key])
  return found !== null && found.key === key ? found.state : NOTHING
}
