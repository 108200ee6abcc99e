import { navWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { NavLink } from 'react-router'
import { lastTank } from '../../ui/lastTank.js'
import { DayIcon, EmergencyIcon, LogIcon, TankIcon } from '../../ui/icons/places.js'

const entry = {
  flex: 1,
  display: 'grid',
  justifyItems: 'center',
  alignContent: 'center',
  minHeight: 56,
  border: 0,
  background: 'none',
  color: 'var(--ink)',
  textDecoration: 'none',
  font: 'inherit',
  fontFamily: "'Barlow Condensed', sans-serif",
  fontSize: 15,
  lineHeight: 1.1,
  borderTop: '3px solid transparent',
  '&.active': { borderColor: 'var(--ink)', fontWeight: 600 },
} as const

interface PhoneBarProps {
  readonly tankId: string | undefined
  /** Asks which tank, where none was looked at yet. */
  readonly onWhichTank: (place: 'balance' | 'journal') => void
  readonly onEmergency: () => void
}

/** What a hand at the tank needs, where its thumb is. */
export function PhoneBar({ tankId, onWhichTank, onEmergency }: PhoneBarProps) {
  const tank = tankId ?? lastTank()
  const ofTank = (place: 'balance' | 'journal', name: string, icon: React.ReactNode) =>
    tank === null ? (
      <Box component="button" type="button" onClick={() => onWhichTank(place)} sx={entry}>
        {icon}
        {name}
      </Box>
    ) : (
      <Box component={NavLink} to={`/tanks/${tank}/${place}`} sx={entry}>
        {icon}
        {name}
      </Box>
    )
  return (
    <Box
      component="nav"
      aria-label={navWords.bar}
      className="no-print"
      sx={{
        display: { xs: 'flex', md: 'none' },
        position: 'fixed',
        insetInline: 0,
        bottom: 0,
        zIndex: 5,
        background: 'var(--sheet)',
        borderTop: '2px solid var(--ink)',
        pb: 'env(safe-area-inset-bottom)',
      }}
    >
      <Box component={NavLink} to="/today" sx={entry}>
        <DayIcon />
        {navWords.today}
      </Box>
      {ofTank('journal', navWords.log, <LogIcon />)}
      {ofTank('balance', navWords.tank, <TankIcon />)}
      <Box component="button" type="button" onClick={onEmergency} sx={{ ...entry, color: 'var(--algae)' }}>
        <EmergencyIcon />
        {navWords.emergency}
      </Box>
    </Box>
  )
}
