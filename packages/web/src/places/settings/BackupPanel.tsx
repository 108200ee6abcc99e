import { appWords, settingsWords, RestoreReport } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLongWork } from '../../api/longWork.js'
import { FileDrop } from '../../ui/FileDrop.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { significant } from '../../ui/units.js'
import { WorkBar } from './WorkBar.js'
import { Section } from './Section.js'

/** Everything out in one archive, and back in. */
export function BackupPanel() {
  const client = useQueryClient()
  const [file, setFile] = useState<File | null>(null)
  const [said, setSaid] = useState<{ readonly text: string; readonly isFailure: boolean } | null>(null)
  const work = useLongWork()
  const restore = async (archive: File): Promise<void> => {
    setFile(null)
    setSaid(null)
    try {
      const report = await work.send('/api/restore', 'application/zip', archive, RestoreReport)
      setSaid({
        text: settingsWords.restored(significant(report.tanks, 7), significant(report.records, 9), report.keptOld),
        isFailure: false,
      })
      await client.invalidateQueries()
    } catch (error) {
      setSaid({ text: error instanceof Error ? error.message : appWords.failed, isFailure: true })
    }
  }
  return (
    <Section title={settingsWords.backup}>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{settingsWords.backupHint}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button component="a" href="/api/backup.zip" download>
          {settingsWords.download}
        </Button>
        <FileDrop
          label={settingsWords.restore}
          kind="zip"
          isDisabled={work.share !== null}
          onFiles={([chosen]) => setFile(chosen ?? null)}
        />
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{settingsWords.restoreHint}</Box>
      <WorkBar work={work} label={settingsWords.restore} />
      {said !== null && (
        <Box
          role={said.isFailure ? 'alert' : 'status'}
          sx={{ color: said.isFailure ? 'var(--algae)' : undefined, overflowWrap: 'anywhere' }}
        >
          {said.text}
        </Box>
      )}
      <SheetDialog title={settingsWords.restore} isOpen={file !== null} onClose={() => setFile(null)}>
        <Box sx={{ p: 3, maxWidth: 440 }}>
          <p>{settingsWords.restoreSure(file?.name ?? '')}</p>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="contained" onClick={() => file !== null && void restore(file)}>
              {settingsWords.restoreYes}
            </Button>
            <Button onClick={() => setFile(null)}>{appWords.cancel}</Button>
          </Box>
        </Box>
      </SheetDialog>
    </Section>
  )
}
