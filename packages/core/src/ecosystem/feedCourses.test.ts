import { describe, expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { alongCourse, COURSE_WEEKS, courseBand, feedCourses, type FeedCourseTask } from './feedCourses.js'

const timeline = [{ fromDay: 0, plan: samplePlan }]
const task: FeedCourseTask = {
  timeline,
  today: 84,
  seed: 1,
  courses: [
    { school: 'rich-column', backAfterDays: null },
    { school: 'lean-column', backAfterDays: null },
    { school: 'lean-column', backAfterDays: 56 },
    { school: 'none', backAfterDays: null },
  ],
}
const results = [1, 2].map((member) => feedCourses(task, member, new Map()))
const level = (course: number, week: number): number => courseBand(results, course, 'nitrate', week).median

describe('schools from today on', () => {
  test('what is rich settles above what is lean, and what goes back rises again', () => {
    const last = COURSE_WEEKS - 1
    expect(level(0, 7)).toBeGreaterThan(level(1, 7))
    expect(level(2, 7)).toBeCloseTo(level(1, 7), 6)
    expect(level(2, last)).toBeGreaterThan(1.2 * level(1, last))
  })
  test('the ground runs down', () => {
    const ground = (week: number): number => courseBand(results, 3, 'groundN', week).median
    expect(ground(COURSE_WEEKS - 1)).toBeLessThan(ground(0))
    expect(ground(COURSE_WEEKS - 1)).toBeGreaterThan(0)
  })
  test('a course that goes back holds what was planned from its day on', () => {
    const along = alongCourse(timeline, 84, { school: 'lean-column', backAfterDays: 14 })
    expect(along.map(({ fromDay, plan }) => [fromDay, plan.feeding])).toEqual([
      [0, 'rich-column'],
      [84, 'lean-column'],
      [98, 'rich-column'],
    ])
  })
})
