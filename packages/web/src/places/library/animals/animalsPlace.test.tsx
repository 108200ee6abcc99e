import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { hand } from '../../../testing/hand.js'
import { renderPage } from '../../../testing/renderPage.js'
import { AnimalsPlace } from './AnimalsPlace.js'

test('the library of animals is found by older names and plain words', async () => {
  renderPage(<AnimalsPlace />)
  expect(screen.getByRole('status').textContent).toBe('135 animals')
  await hand.type(screen.getByRole('searchbox'), 'corydoras')
  expect(screen.getByRole('status').textContent).toBe('7 animals')
})
