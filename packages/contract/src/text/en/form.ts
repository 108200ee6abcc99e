/** What any form says of what is typed in it. */
export const formWords = {
  needed: 'This is needed.',
  long: (most: string) => `At most ${most} characters.`,
  refused: 'This is not accepted as it is.',
  unsaved: 'What you typed is not saved yet. Save it, or cancel.',
} as const
