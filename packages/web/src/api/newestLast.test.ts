import { expect, test } from 'vitest'
import { newestLast } from './newestLast.js'

const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))
function slow() {
  const sent: number[] = []
  const answers: ((isGood: boolean) => void)[] = []
  const failed: unknown[] = []
  const tell = newestLast<number>(
    (value) =>
      new Promise<void>((resolve, reject) => {
        sent.push(value)
        answers.push((isGood) => (isGood ? resolve() : reject(new Error(`no ${value}`))))
      }),
    (error) => failed.push(error),
  )
  return { sent, answers, failed, tell }
}

test('the next one waits for the answer, and only the newest of those that wait is sent', async () => {
  const { sent, answers, tell } = slow()
  for (const value of [1, 2, 3, 4]) tell(value)
  expect(sent).toEqual([1])
  answers[0]?.(true)
  await settled()
  expect(sent).toEqual([1, 4])
  answers[1]?.(true)
  await settled()
  tell(5)
  expect(sent).toEqual([1, 4, 5])
})
test('one that failed is told, and holds back none after it', async () => {
  const { sent, answers, failed, tell } = slow()
  tell(1)
  tell(2)
  answers[0]?.(false)
  await settled()
  expect(failed).toEqual([new Error('no 1')])
  expect(sent).toEqual([1, 2])
})
