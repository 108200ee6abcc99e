import { appWords, numberWords, readingQuantityWords, settingsWords, KitSchema } from '@jovrin/contract'
import { type Kit, readNumber, unitsOf } from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeJson } from '../../api/http.js'
import { allKits } from '../../api/journal.queries.js'
import { DateField } from '../../ui/dates/DateField.js'
import { HeadRow } from '../../ui/HeadRow.js'
import { useNotice } from '../../ui/notice.js'
import { significant } from '../../ui/units.js'
import { Section } from './Section.js'

/** What each kit reports; kept by itself when a field is left. */
export function KitTable() {
  const kits = [...(useQuery(allKits()).data ?? [])].sort((a, b) =>
    readingQuantityWords[a.quantity].localeCompare(readingQuantityWords[b.quantity]),
  )
  return (
    <Section title={settingsWords.kits}>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{settingsWords.kitsHint}</Box>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={settingsWords.kits}>
        <Box
          component="table"
          className="figures"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            minWidth: 580,
            '& td, & th': { textAlign: 'left', pr: 1.5, py: 0.25, fontWeight: 'normal', verticalAlign: 'bottom' },
          }}
        >
          <HeadRow heads={settingsWords.kitHead} />
          <tbody>
            {kits.map((kit) => (
              <KitRow key={JSON.stringify(kit)} kit={kit} />
            ))}
          </tbody>
        </Box>
      </Box>
    </Section>
  )
}

function KitRow({ kit }: { kit: Kit }) {
  const client = useQueryClient()
  const tell = useNotice()
  const [texts, setTexts] = useState({
    name: kit.name ?? '',
    step: kit.step === null ? '' : significant(kit.step, 6),
    lowest: kit.lowest === null ? '' : significant(kit.lowest, 6),
    expiresOn: kit.expiresOn ?? '',
  })
  const name = readingQuantityWords[kit.quantity]
  const number = (text: string): number | null => {
    const parsed = readNumber(text)
    return 'value' in parsed ? parsed.value : NaN
  }
  const isWrong = (text: string): boolean => Number.isNaN(number(text)) || (number(text) ?? 0) < 0
  const keep = async (part: Partial<Kit> = {}): Promise<void> => {
    if (isWrong(texts.step) || isWrong(texts.lowest)) return
    const next: Kit = {
      ...kit,
      name: texts.name.trim() === '' ? null : texts.name.trim(),
      step: number(texts.step),
      lowest: number(texts.lowest),
      expiresOn: texts.expiresOn === '' ? null : texts.expiresOn,
      ...part,
    }
    if (JSON.stringify(next) === JSON.stringify(kit)) return
    try {
      await changeJson('PUT', `/api/kits/${kit.quantity}`, KitSchema, { body: next })
      await client.invalidateQueries({ queryKey: ['kits'] })
      tell({ text: settingsWords.kitSaved })
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : appWords.failed })
    }
  }
  const field = (key: keyof typeof texts, head: string, width: number, isNumber = false) => (
    <TextField
      value={texts[key]}
      error={isNumber && isWrong(texts[key])}
      helperText={isNumber && isWrong(texts[key]) ? numberWords.none : ''}
      onChange={(event) => setTexts({ ...texts, [key]: event.target.value })}
      onBlur={() => void keep()}
      slotProps={{ htmlInput: { 'aria-label': `${name}: ${head}`, ...(isNumber ? { inputMode: 'decimal' as const } : { maxLength: 60 }) } }}
      sx={{ width }}
    />
  )
  const [, nameHead = '', unitHead = '', stepHead = '', lowestHead = '', dateHead = ''] = settingsWords.kitHead
  return (
    <tr>
      <td>{name}</td>
      <td>{field('name', nameHead, 96)}</td>
      <td>
        {unitsOf(kit.quantity).length > 1 ? (
          <TextField
            select
            value={kit.unit}
            onChange={(event) => void keep({ unit: event.target.value })}
            slotProps={{
              htmlInput: { 'aria-label': `${name}: ${unitHead}` },
              select: { SelectDisplayProps: { 'aria-label': `${name}: ${unitHead}` } },
            }}
            sx={{ width: 110 }}
          >
            {unitsOf(kit.quantity).map((unit) => (
              <MenuItem key={unit} value={unit}>
                {unit}
              </MenuItem>
            ))}
          </TextField>
        ) : (
          kit.unit
        )}
      </td>
      <td>{field('step', stepHead, 60, true)}</td>
      <td>{field('lowest', lowestHead, 60, true)}</td>
      <td>
        <DateField
          name={`${name}: ${dateHead}`}
          value={texts.expiresOn}
          onChange={(expiresOn) => setTexts({ ...texts, expiresOn })}
          onCommit={() => void keep()}
          canBeEmpty
          sx={{ width: 142 }}
        />
      </td>
    </tr>
  )
}
