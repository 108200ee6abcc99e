import { journalWords } from '@jovrin/contract'
import { Box, MenuItem, Slider, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { photosOfTank } from '../../api/journal.queries.js'
import { dayOf, longDate, percent } from '../../ui/units.js'
import { addressOf, picturesIn, titleOf } from '../shared/pictures.js'

/** Two pictures of one spot under one slider: what stands left of it is before, right of it after. */
export function PhotoCompare({ tankId, timeZone }: { tankId: string; timeZone: string }) {
  const entries = useQuery(photosOfTank(tankId)).data?.entries ?? []
  const pictures = picturesIn(entries).map(({ picture }) => picture)
  const spots = [...new Set(pictures.map(({ spot }) => spot))]
  const [chosenSpot, setSpot] = useState<string | null>(null)
  const spot = chosenSpot ?? spots[0] ?? null
  const ofSpot = pictures.filter((picture) => picture.spot === spot)
  const [chosen, setChosen] = useState<{ readonly before: string | null; readonly after: string | null }>({ before: null, after: null })
  const [share, setShare] = useState(50)
  const after = ofSpot.find(({ id }) => id === chosen.after) ?? ofSpot[0]
  const before = ofSpot.find(({ id }) => id === chosen.before) ?? ofSpot.at(-1)
  if (after === undefined || before === undefined) return null
  return (
    <Box component="section" aria-label={journalWords.compare} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, mb: 0.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, flexGrow: 1 }}>
          {journalWords.compare}
        </Box>
        {spots.length > 1 && (
          <Pick
            label={journalWords.field.spot}
            value={spot ?? ''}
            options={spots.map((name) => [name, name] as const)}
            onChange={setSpot}
          />
        )}
        {ofSpot.length > 1 && (
          <>
            <Pick
              label={journalWords.before}
              value={before.id}
              options={ofSpot.map((picture) => [picture.id, longDate(dayOf(picture.at, timeZone))] as const)}
              onChange={(id) => setChosen({ ...chosen, before: id })}
            />
            <Pick
              label={journalWords.after}
              value={after.id}
              options={ofSpot.map((picture) => [picture.id, longDate(dayOf(picture.at, timeZone))] as const)}
              onChange={(id) => setChosen({ ...chosen, after: id })}
            />
          </>
        )}
      </Box>
      <Box
        sx={{
          position: 'relative',
          border: '1px solid var(--ink)',
          maxHeight: 460,
          aspectRatio: `${before.widthPx} / ${before.heightPx}`,
          overflow: 'hidden',
          mx: 'auto',
        }}
      >
        <Box
          component="img"
          src={addressOf(before)}
          alt={titleOf(before, timeZone)}
          sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', objectFit: 'cover' }}
        />
        {ofSpot.length > 1 && (
          <>
            <Box
              component="img"
              src={addressOf(after)}
              alt={titleOf(after, timeZone)}
              sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', objectFit: 'cover' }}
              style={{ clipPath: `inset(0 0 0 ${share}%)` }}
            />
            <Box
              aria-hidden
              sx={{ position: 'absolute', top: 0, bottom: 0, width: 2, background: 'var(--sheet)', outline: '1px solid var(--ink)' }}
              style={{ left: `${share}%` }}
            />
          </>
        )}
      </Box>
      {ofSpot.length > 1 ? (
        <Slider
          value={share}
          onChange={(_, next) => setShare(next)}
          min={0}
          max={100}
          aria-label={journalWords.slider}
          getAriaValueText={(value) => `${percent(1 - value / 100)} %`}
        />
      ) : (
        <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{journalWords.onePhoto}</Box>
      )}
    </Box>
  )
}

function Pick({
  label,
  value,
  options,
  onChange,
}: {
  label: string
  value: string
  options: readonly (readonly [string, string])[]
  onChange: (value: string) => void
}) {
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      sx={{ minWidth: 120 }}
      slotProps={{ inputLabel: { shrink: true } }}
    >
      {options.map(([key, text]) => (
        <MenuItem key={key} value={key}>
          {text}
        </MenuItem>
      ))}
    </TextField>
  )
}
