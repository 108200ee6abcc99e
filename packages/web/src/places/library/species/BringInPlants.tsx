import { appWords, PlantImportReport, speciesWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { postJson } from '../../../api/http.js'
import { FileDrop } from '../../../ui/FileDrop.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'

interface Looked {
  readonly kind: 'csv' | 'json'
  readonly text: string
  readonly report: PlantImportReport
}
const EXPORTS = [
  ['/api/species.csv?which=all', speciesWords.exportAll],
  ['/api/species.csv?which=own', speciesWords.exportOwn],
  ['/api/species.json?which=all', speciesWords.exportAllJson],
  ['/api/species.json?which=own', speciesWords.exportOwnJson],
] as const

/** Plants out and in. A file is looked over row by row before anything is kept. */
export function BringInPlants({ onClose }: { readonly onClose: () => void }) {
  const client = useQueryClient()
  const tell = useNotice()
  const [looked, setLooked] = useState<Looked | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const send = (kind: Looked['kind'], text: string, isDry: boolean): Promise<PlantImportReport> =>
    postJson(`/api/species?dryRun=${isDry}`, { kind, text }, PlantImportReport)
  const failed = (error: unknown): void => setFault(error instanceof Error ? error.message : appWords.failed)
  const look = async (file: File): Promise<void> => {
    setFault(null)
    setLooked(null)
    try {
      const text = await file.text()
      const kind = text.trimStart().startsWith('{') ? 'json' : 'csv'
      setLooked({ kind, text, report: await send(kind, text, true) })
    } catch (error) {
      failed(error)
    }
  }
  const keep = async ({ kind, text }: Looked): Promise<void> => {
    try {
      const { added, changed } = await send(kind, text, false)
      await client.invalidateQueries({ queryKey: ['species'] })
      tell({ text: speciesWords.broughtIn(added + changed) })
      onClose()
    } catch (error) {
      failed(error)
    }
  }
  const told = looked?.report.rows.filter(({ state, doubts }) => state !== 'same' || doubts.length > 0) ?? []
  const sound = looked === null ? 0 : looked.report.added + looked.report.changed
  return (
    <SheetDialog title={speciesWords.filesTitle} isOpen isWide onClose={onClose}>
      <Box sx={{ p: 2, display: 'grid', gap: 1.5, width: 760, maxWidth: '100%' }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
          {speciesWords.filesTitle}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{speciesWords.filesHint}</Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {EXPORTS.map(([to, name]) => (
            <Button key={to} component="a" href={to} download>
              {name}
            </Button>
          ))}
        </Box>
        <FileDrop label={speciesWords.choose} kind="plants" onFiles={([file]) => void (file && look(file))} />
        {fault !== null && (
          <Box role="alert" sx={{ color: 'var(--algae)' }}>
            {fault}
          </Box>
        )}
        {looked !== null && (
          <>
            <Box role="status">
              {speciesWords.report(looked.report.added, looked.report.changed, looked.report.same, looked.report.refused)}
            </Box>
            {told.length > 0 && (
              <Box sx={{ maxHeight: 340, overflow: 'auto' }} tabIndex={0}>
                <Box
                  component="table"
                  sx={{
                    borderCollapse: 'collapse',
                    width: '100%',
                    fontSize: 14,
                    '& td, & th': { textAlign: 'left', verticalAlign: 'top', pr: 1.5, py: '2px' },
                  }}
                >
                  <HeadRow heads={[speciesWords.line, speciesWords.head.name, '', speciesWords.remark]} />
                  <tbody>
                    {told.map(({ line, name, state, faults, doubts }) => (
                      <tr key={line}>
                        <td>{line}</td>
                        <td>
                          <i>{name}</i>
                        </td>
                        <Box component="td" sx={{ whiteSpace: 'nowrap', color: state === 'refused' ? 'var(--algae)' : undefined }}>
                          {speciesWords.state[state]}
                        </Box>
                        <td>
                          {[...faults, ...doubts].map(({ column, detail }) => (
                            <div key={column}>{`${column}: ${detail}`}</div>
                          ))}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </Box>
              </Box>
            )}
          </>
        )}
        <Box sx={{ display: 'flex', gap: 1 }}>
          {looked !== null && sound > 0 && (
            <Button variant="contained" onClick={() => void keep(looked)}>
              {speciesWords.bringIn(sound)}
            </Button>
          )}
          <Button onClick={onClose}>{appWords.close}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
