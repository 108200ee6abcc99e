export const languageWords = {
  title: 'Language and calendar',
  language: 'Texts',
  partly:
    'Shelf, Balance, Today, Calendar, Journal, Emergency and Settings are translated; planning, calculators and answers of the server are English.',
  locale: 'Numbers and dates',
  asUsual: (usual: string) => `as usual: ${usual}`,
  weekStart: 'The week begins on',
  why: 'Kept on this device. The page loads anew.',
} as const
