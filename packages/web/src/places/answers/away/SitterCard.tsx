import { awayWords } from '@jovrin/contract'
import { awayWater, datePlusDays, hasGas, tankFigures, visitDays, type Absence, type Plan } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { photosOfTank } from '../../../api/journal.queries.js'
import { addressOf, picturesIn, titleOf } from '../../shared/pictures.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { longDate, useUnits } from '../../../ui/units.js'

interface CardProps {
  readonly tankId: string
  readonly plan: Plan
  readonly absence: Absence
  readonly isOpen: boolean
  readonly onClose: () => void
}

/** One page for who looks in: the picture of normal, the few things to do, and what to do when something is wrong. */
export function SitterCard({ tankId, plan, absence, isOpen, onClose }: CardProps) {
  const text = awayWords
  return (
    <SheetDialog title={text.card} isOpen={isOpen} isWide onClose={onClose}>
      <Box className="print-alone" sx={{ p: { xs: 2, sm: 3 }, maxWidth: 720, fontSize: 16.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 24, borderBottom: '3px solid var(--ink)', textTransform: 'none' }}>
          {text.cardTitle(plan.name)}
        </Box>
        <Box sx={{ mb: 1, fontWeight: 600 }}>{text.cardDates(longDate(absence.leaveOn), longDate(absence.backOn))}</Box>
        <Normal tankId={tankId} timeZone={plan.timeZone} />
        <VisitSteps plan={plan} absence={absence} />
        <Heading>{text.cardTrouble}</Heading>
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {[...(hasGas(plan) ? [text.cardGasp, text.cardHiss] : [text.cardGaspNoGas]), text.cardFlood, text.cardPower, text.cardDead].map(
            (step) => (
              <li key={step}>{step}</li>
            ),
          )}
        </Box>
        <Heading>{text.cardCall}</Heading>
        <Box sx={{ whiteSpace: 'pre-wrap' }}>{absence.note === '' ? text.cardCallLine : absence.note}</Box>
        <Box className="no-print" sx={{ display: 'flex', gap: 1, mt: 2 }}>
          <Button variant="contained" onClick={() => window.print()}>
            {text.cardPrint}
          </Button>
          <Button onClick={onClose}>{text.cardClose}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}

const Heading = ({ children }: { readonly children: string }) => (
  <Box component="h3" className="lettering" sx={{ m: 0, mt: 1, fontSize: 18, borderBottom: '1px solid var(--ink)' }}>
    {children}
  </Box>
)

function Normal({ tankId, timeZone }: { readonly tankId: string; readonly timeZone: string }) {
  const text = awayWords
  const [newest] = picturesIn(useQuery(photosOfTank(tankId)).data?.entries ?? [])
  if (newest === undefined) return <Box className="no-print">{text.cardNoPhoto}</Box>
  return (
    <Box component="figure" sx={{ m: 0, mb: 1 }}>
      <Box
        component="img"
        src={addressOf(newest.picture)}
        alt={titleOf(newest.picture, timeZone)}
        sx={{ display: 'block', width: '100%', maxHeight: 300, objectFit: 'cover', border: '1px solid var(--ink)' }}
      />
      <figcaption>{text.cardNormal}</figcaption>
    </Box>
  )
}

function VisitSteps({ plan, absence }: { readonly plan: Plan; readonly absence: Absence }) {
  const units = useUnits()
  const text = awayWords
  const figures = tankFigures(plan)
  const visits = visitDays(absence).map((days) => longDate(datePlusDays(absence.leaveOn, days)))
  const food = { visits: text.cardFood, none: text.cardNoFood, feeder: text.cardFeeder }[absence.food]
  const { refillL, storeDays } = awayWater(plan, figures, absence)
  return (
    <>
      <Heading>{text.cardNothing}</Heading>
      {visits.length === 0 ? (
        <Box>{text.cardNobody}</Box>
      ) : (
        <>
          <Box sx={{ fontWeight: 600 }}>
            {text.cardVisits} {visits.join(' · ')}
          </Box>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            <li>{text.cardLook}</li>
            {figures.foodGPerDay > 0 && <li>{food}</li>}
            {storeDays === null && <li>{text.cardWater(units.show('volume', refillL, 2))}</li>}
          </Box>
        </>
      )}
      <Box sx={{ fontWeight: 600 }}>{text.cardNever}</Box>
    </>
  )
}
