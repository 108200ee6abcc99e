import {
  navWords,
  appWords,
  refusedWords,
  settingsWords,
  TANK_ALBUM_MOST_BYTES,
  TANK_FILE_MOST_BYTES,
  type TankEntry,
  TankImportReport,
} from '@jovrin/contract'
import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLongWork } from '../../api/longWork.js'
import { allTanks } from '../../api/tanks.queries.js'
import { lastTank } from '../../ui/lastTank.js'
import { FileDrop } from '../../ui/FileDrop.js'
import { useNotice } from '../../ui/notice.js'
import { significant } from '../../ui/units.js'
import { megabytes } from './limits.text.js'
import { WorkBar } from './WorkBar.js'
import { ReadingsImport } from './readings/ReadingsImport.js'
import { Section } from './Section.js'

/** Open formats out and in: a tank as one file, readings as a table. */
export function FilesPanel() {
  const tanks = useQuery(allTanks()).data ?? []
  const [chosen, setChosen] = useState<string | null>(lastTank)
  const tank = tanks.find(({ id }) => id === chosen) ?? tanks[0]
  return (
    <Section title={settingsWords.files} anchor="files">
      {tank && (
        <>
          <TankChoice tanks={tanks} tank={tank} onChoose={setChosen} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button component="a" href={`/api/tanks/${tank.id}/file`} download>
              {settingsWords.tankFile}
            </Button>
            <Button component="a" href={`/api/tanks/${tank.id}/file.zip`} download>
              {settingsWords.tankAlbum}
            </Button>
            <Button component="a" href={`/api/tanks/${tank.id}/readings.csv`} download>
              {settingsWords.readingsFile}
            </Button>
          </Box>
          <ReadingsImport key={tank.id} tank={tank} />
        </>
      )}
      <TankImport />
    </Section>
  )
}

function TankChoice({ tanks, tank, onChoose }: { tanks: readonly TankEntry[]; tank: TankEntry; onChoose: (id: string) => void }) {
  return (
    <TextField
      select
      label={navWords.tank}
      value={tank.id}
      onChange={(event) => onChoose(event.target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
    >
      {tanks.map(({ id, plan }) => (
        <MenuItem key={id} value={id}>
          {plan.name}
        </MenuItem>
      ))}
    </TextField>
  )
}

/** Archives begin with the initials of the format's author. */
const isZip = async (file: Blob): Promise<boolean> => (await file.slice(0, 2).text()) === 'PK'

/** Looks a tank's file over first; keeps it when it is said so. */
function TankImport() {
  const client = useQueryClient()
  const tell = useNotice()
  const [file, setFile] = useState<File | null>(null)
  const work = useLongWork()
  const [isCopy, setCopy] = useState(false)
  const [report, setReport] = useState<TankImportReport | null>(null)
  const [failure, setFailure] = useState<string | null>(null)
  const send = async (body: File, as: boolean, dryRun: boolean): Promise<void> => {
    setFailure(null)
    try {
      const answer = await work.send(
        `/api/tank-files?dryRun=${dryRun}&as=${as ? 'copy' : 'same'}`,
        (await isZip(body)) ? 'application/zip' : 'application/json',
        body,
        TankImportReport,
      )
      if (dryRun) return setReport(answer)
      setReport(null)
      setFile(null)
      await client.invalidateQueries({ queryKey: ['tanks'] })
      tell({ text: settingsWords.broughtIn(answer.name) })
    } catch (error) {
      setReport(null)
      setFailure(error instanceof Error ? error.message : appWords.failed)
    }
  }
  const choose = async (chosen: File): Promise<void> => {
    setReport(null)
    setFile(null)
    const isAlbum = await isZip(chosen)
    const most = isAlbum ? TANK_ALBUM_MOST_BYTES : TANK_FILE_MOST_BYTES
    if (chosen.size > most) return setFailure(settingsWords.tooLarge(megabytes(most)))
    // The server reads it; a glance tells what is no such file at all.
    if (!isAlbum && !/^\s*\{/.test(await chosen.slice(0, 200).text())) return setFailure(refusedWords.notTankFile)
    setFile(chosen)
    await send(chosen, isCopy, true)
  }
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <FileDrop
          label={settingsWords.importTank}
          kind="tank"
          isDisabled={work.share !== null}
          onFiles={([chosen]) => chosen && void choose(chosen)}
        />
        <FormControlLabel
          control={
            <Checkbox
              checked={isCopy}
              onChange={(event) => {
                setCopy(event.target.checked)
                if (file !== null) void send(file, event.target.checked, true)
              }}
            />
          }
          label={settingsWords.asCopy}
        />
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
        {settingsWords.tankLimit(megabytes(TANK_FILE_MOST_BYTES), megabytes(TANK_ALBUM_MOST_BYTES))}
      </Box>
      <WorkBar work={work} label={settingsWords.importTank} />
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
      {report !== null && (
        <Box role="status">
          {settingsWords.dryRun(report.name, significant(report.records, 7), significant(report.revisions, 7))}
          {report.photosMissing > 0 && <div>{settingsWords.photosMissing(significant(report.photosMissing))}</div>}
          <Button variant="contained" disabled={work.share !== null} onClick={() => file !== null && void send(file, isCopy, false)}>
            {settingsWords.bringIn}
          </Button>
        </Box>
      )}
    </Box>
  )
}
