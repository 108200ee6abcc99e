import { feedSheetWords, schoolWords } from '@jovrin/contract'
import { COURSE_MEMBERS, type FeedCourse } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { significant } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'
import { courseName } from './comparedCourses.js'
import type { CoursesState } from './useCourses.js'

interface SchoolsPartProps {
  readonly desk: Desk
  readonly courses: readonly FeedCourse[]
  readonly state: CoursesState
  /** The course that is drawn beside the one that is followed. */
  readonly other: number | null
  readonly onOther: (course: number | null) => void
}

/** What each school means, and how to follow it or to draw it beside. */
export function SchoolsPart({ desk: { changeFromToday }, courses, state, other, onOther }: SchoolsPartProps) {
  const text = feedSheetWords
  return (
    <section aria-labelledby="feed-schools">
      <Heading id="feed-schools">{text.schools}</Heading>
      <Box sx={{ display: 'grid', gap: 1, fontSize: 14 }}>
        <div>{text.schoolsWhy}</div>
        {!state.isDone && (
          <Box role="status" className="figures">
            {text.schoolsProgress(significant(state.results.length), significant(COURSE_MEMBERS))}
          </Box>
        )}
        {courses.map((course, at) => (
          <Box key={courseName(course)} component="article" aria-label={courseName(course)}>
            <strong>{courseName(course)}</strong>
            {at === 0 && ` (${text.schoolNow})`}
            <Box sx={{ color: 'text.secondary' }}>{course.backAfterDays === null ? text.schoolRisks[course.school] : text.backTold}</Box>
            {at !== 0 && (
              <Box sx={{ display: 'flex', gap: 0.5, mt: 0.25 }}>
                <Button
                  aria-label={text.drawBeside(courseName(course))}
                  aria-pressed={other === at}
                  onClick={() => onOther(other === at ? null : at)}
                  disabled={state.results.length === 0}
                >
                  {other === at ? text.compareOff : text.compareOn}
                </Button>
                {course.backAfterDays === null && (
                  <Button
                    aria-label={text.follow(schoolWords[course.school])}
                    onClick={() => changeFromToday((now) => ({ ...now, feeding: course.school }))}
                  >
                    {text.followNow}
                  </Button>
                )}
              </Box>
            )}
          </Box>
        ))}
        <Box sx={{ color: 'text.secondary', display: 'grid', gap: 0.5 }}>
          <span>{text.leadUnit}</span>
          <span>{text.redsTold}</span>
          <span>{text.basesTold}</span>
        </Box>
      </Box>
    </section>
  )
}
