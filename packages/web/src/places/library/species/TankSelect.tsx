import { speciesWords } from '@jovrin/contract'
import { MenuItem, TextField } from '@mui/material'
import type { TankSites } from './useTankSite.js'

interface TankSelectProps {
  readonly sites: TankSites
  readonly onChoose: (tankId: string | null) => void
}

/** The tank against which plants are held. */
export function TankSelect({ sites, onChoose }: TankSelectProps) {
  return (
    <TextField
      select
      label={speciesWords.inTank}
      value={sites.tank?.id ?? ''}
      onChange={(event) => onChoose(event.target.value === '' ? null : event.target.value)}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      sx={{ minWidth: 160 }}
    >
      <MenuItem value="">{speciesWords.noTank}</MenuItem>
      {sites.tanks.map(({ id, plan }) => (
        <MenuItem key={id} value={id}>
          {plan.name}
        </MenuItem>
      ))}
    </TextField>
  )
}
