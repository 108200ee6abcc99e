import { act, fireEvent, screen } from '@testing-library/react'

/** The field for a day or time with this name, once the pickers are there. */
export const dateField = (name: string | RegExp): Promise<HTMLElement> => screen.findByRole('group', { name }, { timeout: 20_000 })

/** Pastes a day over what stands in a field, as this locale writes it; an empty text clears it. */
export const typeDate = async (name: string | RegExp, date: string): Promise<void> => typeDateInto(await dateField(name), date)

export function typeDateInto(field: HTMLElement, date: string): void {
  const input = field.parentElement?.querySelector('input')
  if (!input) throw new Error('this is no field for days')
  const [year, month, day] = date.split('-')
  act(() => void fireEvent.change(input, { target: { value: date === '' ? '' : `${month}/${day}/${year}` } }))
}
