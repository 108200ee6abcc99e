import { appWords, deviceWords, settingsWords } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { z } from 'zod'
import { deviceName, nameDevice } from '../../api/device.js'
import { changeJson } from '../../api/http.js'
import { session } from '../../api/journal.queries.js'
import { QrCode } from '../../ui/QrCode.js'
import { UnitChoices } from '../../ui/UnitChoices.js'
import { CalendarFile } from '../shared/CalendarFile.js'
import { BackupPanel } from './BackupPanel.js'
import { CheckPanel } from './CheckPanel.js'
import { FilesPanel } from './FilesPanel.js'
import { KitTable } from './KitTable.js'
import { LanguageChoices } from './LanguageChoices.js'
import { Section } from './Section.js'

/** What belongs to this device and this installation: names, kits, files, backups, who may come in. */
export function SettingsPlace() {
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 1.5, maxWidth: 1240, width: '100%' }}>
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26, borderBottom: '2px solid var(--ink)' }}>
        {settingsWords.title}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) minmax(0,1fr)' },
          columnGap: 5,
          rowGap: 3,
          pt: 1.5,
        }}
      >
        <Box sx={{ display: 'grid', gap: 3, alignContent: 'start', minWidth: 0 }}>
          <Device />
          <LanguageChoices />
          <Section title={appWords.units.title}>
            <UnitChoices />
          </Section>
          <KitTable />
        </Box>
        <Box sx={{ display: 'grid', gap: 3, alignContent: 'start', minWidth: 0 }}>
          <FilesPanel />
          <BackupPanel />
          <CheckPanel />
          <Lan />
          <CalendarFile />
        </Box>
      </Box>
    </Box>
  )
}

function Device() {
  const [name, setName] = useState(deviceName() ?? '')
  return (
    <Section title={settingsWords.device}>
      <TextField
        label={deviceWords.label}
        value={name}
        placeholder={deviceWords.unnamed}
        helperText={deviceWords.hint}
        onChange={(event) => {
          setName(event.target.value)
          nameDevice(event.target.value)
        }}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 40 } }}
      />
    </Section>
  )
}

function Lan() {
  const client = useQueryClient()
  const known = useQuery(session()).data
  if (known === undefined) return null
  const addresses = known.addresses.map((address) => `http://${address}:${window.location.port}`)
  return (
    <Section title={settingsWords.lan}>
      <div>{known.isLan ? settingsWords.lanOn(addresses.join(', ')) : settingsWords.lanOff}</div>
      {known.isLan && addresses.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', flexWrap: 'wrap', gap: 2 }}>
          {addresses.map((address) => (
            <Box component="li" key={address} sx={{ fontSize: 13 }}>
              <QrCode text={address} label={settingsWords.lanCode(address)} />
              <div>{address}</div>
            </Box>
          ))}
        </Box>
      )}
      {known.isLan && (
        <Box>
          <Button onClick={() => void changeJson('DELETE', '/api/session', z.null()).then(() => client.invalidateQueries())}>
            {settingsWords.signOut}
          </Button>
        </Box>
      )}
    </Section>
  )
}
