import { useQuery } from '@tanstack/react-query'
import { cleanup, screen, waitFor } from '@testing-library/react'
import { hand } from '../testing/hand.js'
import { afterEach, expect, test } from 'vitest'
import { renderPage } from '../testing/renderPage.js'
import { useJournalChanged } from './journal.queries.js'

afterEach(cleanup)

test('a first answer from before a change is not taken for the newest', async () => {
  const answers: ((text: string) => void)[] = []
  function Page() {
    const changed = useJournalChanged()
    const { data } = useQuery({
      queryKey: ['tanks', 'a', 'journal'],
      queryFn: () => new Promise<string>((resolve) => answers.push(resolve)),
    })
    return <button onClick={() => void changed('a')}>{data ?? 'none'}</button>
  }
  renderPage(<Page />)
  await waitFor(() => expect(answers).toHaveLength(1))
  await hand.click(screen.getByRole('button'))
  await waitFor(() => expect(answers).toHaveLength(2))
  answers[0]?.('before')
  answers[1]?.('after')
  await waitFor(() => expect(screen.getByRole('button').textContent).toBe('after'))
})
