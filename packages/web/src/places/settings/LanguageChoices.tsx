import { languageWords } from '@jovrin/contract'
import { Box, MenuItem, TextField } from '@mui/material'
import { Choice } from '../../ui/Choice.js'
import { chooseReading, LANGUAGES, locale, localeFor, reading, WEEK_STARTS, weekStartOf, type Language } from '../../ui/locale.js'
import { Section } from './Section.js'

const NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' }
/** Offered by name; whatever the browser says is there besides. All write figures in the digits that drawings are lettered in. */
const LOCALES = [
  ...['en-GB', 'en-US', 'en-AU', 'en-CA', 'en-IE', 'en-NZ', 'en-ZA'],
  ...['de-DE', 'de-AT', 'de-CH', 'nl-NL', 'fr-FR', 'es-ES', 'it-IT', 'pt-PT', 'pt-BR'],
  ...['da-DK', 'sv-SE', 'nb-NO', 'fi-FI', 'pl-PL', 'cs-CZ', 'hu-HU', 'ja-JP', 'en-SE'],
]
const EXAMPLE_DAY = Date.UTC(2026, 11, 31)
const EXAMPLE_NUMBER = 1234.5

const exampleOf = (tag: string): string =>
  `${new Intl.DateTimeFormat(tag, { timeZone: 'UTC' }).format(EXAMPLE_DAY)} · ${new Intl.NumberFormat(tag).format(EXAMPLE_NUMBER)}`
const nameOf = (tag: string): string => new Intl.DisplayNames([locale()], { type: 'language' }).of(tag) ?? tag
/** By its number, Monday being 1: 4 January 2027 is one. */
const weekday = (number: number): string =>
  new Intl.DateTimeFormat(locale(), { weekday: 'long', timeZone: 'UTC' }).format(Date.UTC(2027, 0, 3 + number))

/** In which language, by which rules of writing, with which first day of the week this device reads. */
export function LanguageChoices() {
  const usual = localeFor(reading.language)
  return (
    <Section title={languageWords.title}>
      <Choice
        label={languageWords.language}
        why={languageWords.why}
        value={reading.language}
        options={LANGUAGES.map((one) => [one, NAMES[one]] as const)}
        onChange={(language) => language !== null && chooseReading({ ...reading, language })}
      />
      {reading.language !== 'en' && <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{languageWords.partly}</Box>}
      <TextField
        select
        label={languageWords.locale}
        title={languageWords.why}
        value={reading.locale ?? ''}
        onChange={(event) => chooseReading({ ...reading, locale: event.target.value === '' ? null : event.target.value })}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        <MenuItem value="">{`${languageWords.asUsual(nameOf(usual))} · ${exampleOf(usual)}`}</MenuItem>
        {[...new Set([...LOCALES, ...(reading.locale === null ? [] : [reading.locale])])].map((tag) => (
          <MenuItem key={tag} value={tag}>{`${nameOf(tag)} · ${exampleOf(tag)}`}</MenuItem>
        ))}
      </TextField>
      <Choice
        label={languageWords.weekStart}
        why={languageWords.why}
        value={String(reading.weekStart ?? 'usual')}
        options={[
          ['usual', languageWords.asUsual(weekday(weekStartOf(locale())))] as const,
          ...WEEK_STARTS.map((day) => [String(day), weekday(day)] as const),
        ]}
        onChange={(day) => chooseReading({ ...reading, weekStart: WEEK_STARTS.find((one) => String(one) === day) ?? null })}
      />
    </Section>
  )
}
