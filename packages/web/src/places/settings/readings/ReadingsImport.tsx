import {
  appWords,
  settingsWords,
  READINGS_MOST_BYTES,
  READINGS_MOST_ROWS,
  RowImportReport,
  type RowMappingChoice,
  type TankEntry,
} from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { deviceName } from '../../../api/device.js'
import { allKits, useJournalChanged } from '../../../api/journal.queries.js'
import { useLongWork } from '../../../api/longWork.js'
import { FileDrop } from '../../../ui/FileDrop.js'
import { useNotice } from '../../../ui/notice.js'
import { saveText } from '../../../ui/saveText.js'
import { significant } from '../../../ui/units.js'
import { many, megabytes } from '../limits.text.js'
import { WorkBar } from '../WorkBar.js'
import { firstRows, guessMapping } from './guessMapping.js'
import { ImportReport } from './ImportReport.js'
import { MappingForm } from './MappingForm.js'
import { readTable, type ChosenTable } from './readTable.js'
import { refusedRows } from './refusedRows.js'
import { rememberedMapping, rememberMapping } from './rememberedMappings.js'

const text = settingsWords.importer
const LOOKED_AT = 64 * 1024

/** Readings from a table: its form is guessed, looked over and tried without keeping anything, and kept on a word. */
export function ReadingsImport({ tank }: { tank: TankEntry }) {
  const tell = useNotice()
  const changed = useJournalChanged()
  const kits = useQuery(allKits()).data
  const [table, setTable] = useState<ChosenTable | null>(null)
  const [mapping, setMapping] = useState<RowMappingChoice | null>(null)
  const [report, setReport] = useState<RowImportReport | null>(null)
  const [handedBack, setHandedBack] = useState<{ readonly name: string; readonly rows: string; readonly count: number } | null>(null)
  const [isRemembered, setRemembered] = useState(false)
  const [failure, setFailure] = useState<string | null>(null)
  const work = useLongWork()
  const rows = useMemo(
    () => (table === null || mapping === null ? [] : firstRows(table.text.slice(0, LOOKED_AT), mapping.delimiter)),
    [table, mapping],
  )
  const send = async (isDry: boolean, skipsBadRows = false): Promise<void> => {
    if (table === null || mapping === null) return
    setFailure(null)
    try {
      const query = new URLSearchParams({
        dryRun: String(isDry),
        badRows: skipsBadRows ? 'skip' : 'stop',
        mapping: JSON.stringify(mapping),
        recordedBy: deviceName() ?? '',
      })
      const bytes = new TextEncoder().encode(table.text)
      const told = await work.send(`/api/tanks/${tank.id}/readings.csv?${query.toString()}`, 'text/csv', bytes.buffer, RowImportReport)
      setReport(told)
      if (!told.isKept) return
      rememberMapping(table.text, mapping)
      if (told.refused.length > 0)
        setHandedBack({
          name: text.refusedFile(table.name.replace(/\.[^.]*$/, '')),
          rows: refusedRows(table.text, mapping.delimiter, mapping.hasHeader, text.reasonHead, told.refused),
          count: told.refusedInAll,
        })
      setTable(null)
      setReport(null)
      await changed(tank.id)
      tell({ text: text.kept(significant(told.accepted, 7)) })
    } catch (error) {
      setReport(null)
      setFailure(error instanceof Error ? error.message : appWords.failed)
    }
  }
  const choose = async (file: File): Promise<void> => {
    setReport(null)
    setHandedBack(null)
    if (file.size > READINGS_MOST_BYTES) return setFailure(settingsWords.tooLarge(megabytes(READINGS_MOST_BYTES)))
    const chosen = await readTable(file)
    const known = rememberedMapping(chosen.text)
    setTable(chosen)
    setRemembered(known !== null)
    setMapping(known ?? guessMapping(chosen.text.slice(0, LOOKED_AT), tank.plan.timeZone, kits ?? []))
    setFailure(null)
  }
  const change = (part: Partial<RowMappingChoice>): void => {
    if (mapping === null || table === null) return
    const isCutAnew = part.delimiter !== undefined
    const guessed = isCutAnew ? firstRows(table.text.slice(0, LOOKED_AT), part.delimiter ?? ',')[0] : undefined
    setMapping({ ...mapping, ...part, ...(guessed ? { columns: guessed.map(() => ({ use: 'ignore' as const })) } : {}) })
    setReport(null)
  }
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box>
        <FileDrop label={settingsWords.importReadings} kind="table" onFiles={([file]) => file && void choose(file)} />
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {settingsWords.readingsLimit(many(READINGS_MOST_ROWS), megabytes(READINGS_MOST_BYTES))}
        </Box>
      </Box>
      {table !== null && mapping !== null && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, border: '1px solid var(--ink)', p: 1.5, minWidth: 0 }}
          onSubmit={(event) => {
            event.preventDefault()
            void send(true)
          }}
        >
          <div>{text.intoTank(table.name, tank.plan.name)}</div>
          {table.isOldAlphabet && <div>{text.oldAlphabet}</div>}
          {isRemembered && (
            <Box>
              {text.remembered}{' '}
              <Button
                onClick={() => {
                  setRemembered(false)
                  setReport(null)
                  setMapping(guessMapping(table.text.slice(0, LOOKED_AT), tank.plan.timeZone, kits ?? []))
                }}
              >
                {text.guessAgain}
              </Button>
            </Box>
          )}
          <MappingForm mapping={mapping} rows={rows} kits={kits ?? []} onChange={change} />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant={report === null ? 'contained' : 'outlined'} disabled={work.share !== null}>
              {text.look}
            </Button>
            {work.share === null && <Button onClick={() => setTable(null)}>{appWords.cancel}</Button>}
          </Box>
          <WorkBar work={work} label={text.look} />
          {report !== null && <ImportReport report={report} timeZone={tank.plan.timeZone} onKeep={(skips) => void send(false, skips)} />}
        </Box>
      )}
      {handedBack !== null && (
        <Box role="status">
          {text.handedBack(significant(handedBack.count, 7))}{' '}
          <Button onClick={() => saveText(handedBack.rows, handedBack.name, 'text/csv')}>{text.saveRefused}</Button>
        </Box>
      )}
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
    </Box>
  )
}
