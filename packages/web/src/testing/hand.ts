import { screen } from '@testing-library/react'
import { userEvent } from '@testing-library/user-event'

/** A hand at keyboard and mouse: what it does sets off all that a browser would, and it cannot click what is switched off. */
export const hand = userEvent.setup({ delay: null })

/** Types in the place of what stands in a field. */
export async function typeOver(field: HTMLElement, text: string): Promise<void> {
  await hand.clear(field)
  if (text !== '') await hand.type(field, text)
}
export const type = (label: RegExp | string, text: string): Promise<void> => typeOver(screen.getByLabelText(label), text)
export const press = (name: RegExp | string): Promise<void> => hand.click(screen.getByRole('button', { name }))
/** And goes on to the next control, as one does where a field is kept by leaving it. */
export async function typeAndLeave(field: HTMLElement, text: string): Promise<void> {
  await typeOver(field, text)
  await hand.tab()
}
