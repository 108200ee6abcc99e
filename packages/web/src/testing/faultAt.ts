import { screen, waitFor } from '@testing-library/react'
import { expect } from 'vitest'

/** What stands below a field, as soon as it is marked as wrong: a form is judged a moment after its button is pressed. */
export async function faultAt(label: RegExp | string): Promise<string | null> {
  const field = screen.getByLabelText(label)
  await waitFor(() => expect(field.getAttribute('aria-invalid')).toBe('true'))
  return document.getElementById(field.getAttribute('aria-describedby') ?? '')?.textContent ?? null
}
