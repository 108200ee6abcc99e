import { act, fireEvent, screen } from '@testing-library/react'

/** The field for a day or time with this name, once the pickers are there. */
export const dateField = (name: string | RegExp): Promise<HTMLElement> => screen.findByRole('group', { name }, { timeout: 20_000 })

/** Pastes a day over what stands in a field, as this locale writes it; an empty text clears it. */
export async function typeDate(name: string | RegExp, date: string): Promise<void> {
  const input = (await dateField(name)).parentElement?.querySelector('input')
  if (!input) throw new Error(`${String(name)} is no field for days`)
  const [year, month, day] = date.split('-')
  act(() => void fireEvent.change(input, { target: { value: date === '' ? '' : `${month}/${day}/${year}` } }))
}
