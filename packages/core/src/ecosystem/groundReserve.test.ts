import { expect, test } from 'vitest'
import { COURSE_WEEKS, type MemberCourses } from './feedCourses.js'
import { isInertGround, reserveCourse } from './groundReserve.js'
import { WEEK_STRIDE, weekColumn } from './weekSummary.js'

/** One tank whose ground holds so much nitrogen in each week. */
const tank = (left: (week: number) => number): readonly MemberCourses[] => {
  const weeks = new Float64Array(COURSE_WEEKS * WEEK_STRIDE)
  for (let week = 0; week < COURSE_WEEKS; week++) weeks[week * WEEK_STRIDE + weekColumn('groundN')] = left(week)
  return [{ member: 1, courses: [weeks] }]
}

test('a store is spent, runs out in some week, later, or holds', () => {
  expect(
    reserveCourse(
      tank(() => 100),
      'groundN',
      1000,
    ),
  ).toEqual({ kind: 'spent' })
  // 500 less 40 a week falls below 150 in the tenth week.
  expect(
    reserveCourse(
      tank((week) => 500 - 40 * week),
      'groundN',
      1000,
    ),
  ).toEqual({ kind: 'in-weeks', weeks: 10 })
  expect(
    reserveCourse(
      tank((week) => 900 - 10 * week),
      'groundN',
      1000,
    ),
  ).toEqual({ kind: 'later' })
  expect(
    reserveCourse(
      tank(() => 900),
      'groundN',
      1000,
    ),
  ).toEqual({ kind: 'holds' })
})
test('ground without nitrogen worth counting is inert; nothing is said before the sums are there', () => {
  expect(
    isInertGround(
      tank(() => 20),
      100,
    ),
  ).toBe(true)
  expect(
    isInertGround(
      tank(() => 2000),
      100,
    ),
  ).toBe(false)
  expect(isInertGround([], 100)).toBe(false)
})
