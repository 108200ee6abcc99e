import { appWords, navWords, printingWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { allTanks } from '../../api/tanks.queries.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { tankPlaces } from './placeOf.js'

const row = {
  display: 'flex',
  alignItems: 'center',
  minHeight: 48,
  px: 1,
  color: 'var(--ink)',
  textDecoration: 'none',
  fontSize: 19,
  borderBottom: '1px solid var(--hair)',
  textTransform: 'none',
  letterSpacing: '0.02em',
} as const

interface Entry {
  readonly to: string
  readonly name: string
}
interface SheetProps {
  readonly onClose: () => void
}

function Entries({
  title,
  entries,
  onClose,
  children,
}: SheetProps & { title: string; entries: readonly Entry[]; children?: React.ReactNode }) {
  return (
    <SheetDialog title={title} isOpen onClose={onClose}>
      <Box component="nav" aria-label={title} sx={{ p: 2, minWidth: 260 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, color: 'text.secondary' }}>
          {title}
        </Box>
        {entries.map(({ to, name }) => (
          <Box key={to} component={Link} to={to} onClick={onClose} className="lettering" sx={row}>
            {name}
          </Box>
        ))}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
          {children}
          <Button onClick={onClose} sx={{ minHeight: 44 }}>
            {appWords.close}
          </Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}

/** Which tank, for a place that is of one tank. */
export function TankSheet({ place, onClose }: SheetProps & { place: string }) {
  const tanks = useQuery(allTanks()).data ?? []
  return (
    <Entries
      title={navWords.whichTank}
      onClose={onClose}
      entries={[
        ...tanks.map(({ id, plan }) => ({ to: `/tanks/${id}/${place}`, name: plan.name })),
        { to: '/', name: appWords.places.shelf },
      ]}
    />
  )
}

/** The places of one tank. */
export function PlaceSheet({ tankId, onClose }: SheetProps & { tankId: string }) {
  return (
    <Entries
      title={navWords.placesOfTank}
      onClose={onClose}
      entries={[
        ...tankPlaces().map(([path, name]) => ({ to: `/tanks/${tankId}/${path}`, name })),
        { to: `/answers?tank=${tankId}`, name: navWords.answers },
      ]}
    />
  )
}

/** Everything that has no place of its own in a narrow header. */
export function MoreSheet({
  onFind,
  onPrint,
  onUnits,
  onHelp,
  onClose,
}: SheetProps & {
  readonly onFind: () => void
  readonly onPrint: () => void
  readonly onUnits: () => void
  readonly onHelp: () => void
}) {
  return (
    <Entries
      title={navWords.more}
      onClose={onClose}
      entries={[
        { to: '/', name: appWords.places.shelf },
        { to: '/answers', name: navWords.answers },
        { to: '/workings', name: navWords.workings },
        { to: '/library', name: navWords.library },
        { to: '/settings', name: navWords.settings },
      ]}
    >
      <Button onClick={onFind} sx={{ minHeight: 44 }}>
        {appWords.find.open}
      </Button>
      <Button onClick={onPrint} sx={{ minHeight: 44 }}>
        {printingWords.open}
      </Button>
      <Button onClick={onUnits} sx={{ minHeight: 44 }}>
        {appWords.units.title}
      </Button>
      <Button onClick={onHelp} sx={{ minHeight: 44 }}>
        {navWords.help}
      </Button>
    </Entries>
  )
}
