import { describeWords, kitWords, surfaceWords } from '@jovrin/contract'
import { PlanChoice, PlanField } from '../PlanField.js'
import { SumFigure } from '../../shared/SumFigure.js'
import {
  commonAnswers,
  type DeadArea,
  filterOf,
  gasBySurface,
  neededHeaterW,
  openCooler,
  openDeadShare,
  openHeater,
  openLeak,
  LEAK_ALARM,
  LEAK_HARMFUL,
  openReach,
  openRealFlow,
  openSurfaceGas,
  openTurnover,
  outletFlowsLPerH,
  type Plan,
  UNKNOWN_LAMP,
  usualHeaterW,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { localId } from '../../../api/localId.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import { decimals, significant, useUnits } from '../../../ui/units.js'
import { addressOfSheet } from '../../shared/sheetPlace.js'
import type { Desk } from '../desk.js'

interface KitMarginProps {
  readonly desk: Desk
  readonly dead: DeadArea | null
}

export function KitMargin(props: KitMarginProps) {
  return (
    <>
      <Filters {...props} />
      <Outlets {...props} />
      <Climate {...props} />
      <Lamps {...props} />
      <Gas {...props} />
    </>
  )
}

function Filters({ desk }: KitMarginProps) {
  const { plan, form, figures, change } = desk
  const text = kitWords
  return (
    <Group number={1} title={text.filter}>
      {form.draft.filters.map((filter, index) => {
        const real = openRealFlow(filter, filterOf(filter, commonAnswers()))
        return (
          <Box
            key={filter.id}
            role="group"
            aria-label={`${text.filter} ${index + 1}`}
            sx={{ borderBottom: '1px solid var(--hair)', pb: 0.5, mb: 0.5 }}
          >
            <Grid min={100}>
              <PlanField path="filters/*/ratedLPerH" item={filter} />
              <PlanField path="filters/*/headCm" item={filter} />
              <PlanField path="filters/*/watts" item={filter} />
            </Grid>
            <Box sx={{ display: 'flex', alignItems: 'end', gap: 1, flexWrap: 'wrap' }}>
              <PlanChoice path="filters/*/media" item={filter} />
              <Button
                variant="text"
                aria-label={text.removeFilter(String(index + 1))}
                onClick={() => change((plan) => ({ ...plan, filters: plan.filters.filter(({ id }) => id !== filter.id) }))}
              >
                <RemoveIcon />
              </Button>
            </Box>
            {real !== null && (
              <Box sx={{ fontSize: 14 }}>
                {text.real} <SumFigure sum={real} />
              </Box>
            )}
          </Box>
        )
      })}
      <Box sx={{ fontSize: 14 }} className="figures">
        {text.turnover}: <SumFigure sum={openTurnover(plan, figures)} />
      </Box>
      <Button
        variant="text"
        sx={{ px: 0 }}
        onClick={() =>
          change((plan) => ({
            ...plan,
            filters: [...plan.filters, { id: localId('f'), ratedLPerH: null, headCm: null, media: null, watts: null }],
          }))
        }
      >
        {text.addFilter}
      </Button>
    </Group>
  )
}

/** Of the plan as last accepted, while a new bore is being typed. */
function ReachFigure({ boreMm, flowLPerH }: { boreMm: number; flowLPerH: number }) {
  const units = useUnits()
  if (Number.isNaN(flowLPerH)) return null
  const reach = openReach(boreMm, flowLPerH)
  return <SumFigure sum={reach}>{kitWords.reachTold(units.tell(reach.result, 2))}</SumFigure>
}

function Outlets({ desk, dead }: KitMarginProps) {
  const { plan: kept, form, figures, change } = desk
  const flows = outletFlowsLPerH(kept, figures)
  const text = kitWords
  const { inner } = figures
  const add = (plan: Plan): Plan => {
    const isSecond = plan.outlets.length % 2 === 1
    return {
      ...plan,
      outlets: [
        ...plan.outlets,
        {
          id: localId('o'),
          xCm: isSecond ? inner.lengthCm - 2 : 2,
          yCm: Math.round(inner.widthCm * 0.8),
          zCm: Math.round(inner.waterDepthCm - 3),
          headingDeg: isSecond ? 200 : -20,
          pitchDeg: 5,
          boreMm: 13,
        },
      ],
    }
  }
  return (
    <Group number={2} title={text.outlets}>
      {form.draft.outlets.map((outlet, index) => (
        <Box
          key={outlet.id}
          role="group"
          aria-label={text.outlet(String(index + 1))}
          sx={{ borderBottom: '1px solid var(--hair)', pb: 0.5, mb: 0.5 }}
        >
          <Grid min={96}>
            <PlanField path="outlets/*/xCm" item={outlet} range={[0, inner.lengthCm]} />
            <PlanField path="outlets/*/yCm" item={outlet} range={[0, inner.widthCm]} />
            <PlanField path="outlets/*/zCm" item={outlet} range={[0, inner.heightCm]} />
            <PlanField path="outlets/*/headingDeg" item={outlet} />
            <PlanField path="outlets/*/pitchDeg" item={outlet} />
            <PlanField path="outlets/*/boreMm" item={outlet} />
          </Grid>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', fontSize: 14 }}>
            <span>
              {text.reach}: <ReachFigure boreMm={kept.outlets[index]?.boreMm ?? NaN} flowLPerH={flows[index] ?? NaN} />
            </span>
            <Button
              variant="text"
              sx={{ minWidth: 0, py: 0 }}
              aria-label={text.removeOutlet(String(index + 1))}
              onClick={() => change((plan) => ({ ...plan, outlets: plan.outlets.filter(({ id }) => id !== outlet.id) }))}
            >
              <RemoveIcon />
            </Button>
          </Box>
        </Box>
      ))}
      {dead !== null && (
        <Box sx={{ fontSize: 14 }}>
          {text.dead}: <SumFigure sum={openDeadShare(dead)} />
        </Box>
      )}
      <Button variant="text" sx={{ px: 0 }} onClick={() => change(add)}>
        {text.addOutlet}
      </Button>
      <GasLoss desk={desk} />
    </Group>
  )
}

/** What the surface costs in gas: the livelier, the more. */
function GasLoss({ desk: { plan } }: { desk: Desk }) {
  const rows = useMemo(() => gasBySurface(plan), [plan])
  const text = kitWords
  if (rows.length === 0) return null
  return (
    <Box
      component="table"
      className="figures"
      sx={{
        borderCollapse: 'collapse',
        width: '100%',
        fontSize: 14,
        mt: 0.5,
        '& th': { fontWeight: 'normal', color: 'text.secondary', textAlign: 'left', fontSize: 12.5 },
      }}
    >
      <HeadRow heads={text.gasHead} />
      <tbody>
        {rows.map((row) => {
          const { given, lost } = openSurfaceGas(row)
          return (
            <tr key={row.surface} style={plan.flow.surface === row.surface ? { fontWeight: 600 } : undefined}>
              <td>{surfaceWords[row.surface]}</td>
              <td>
                <SumFigure sum={given} />
              </td>
              <td>
                <SumFigure sum={lost} />
              </td>
            </tr>
          )
        })}
      </tbody>
    </Box>
  )
}

function Climate({ desk }: KitMarginProps) {
  const { plan, figures, change } = desk
  const text = kitWords
  const heaterW = neededHeaterW(figures)
  const set = (part: Partial<Plan['climate']>, isFinal = false): void =>
    change((now) => ({ ...now, climate: { ...now.climate, ...part } }), isFinal)
  return (
    <Group number={3} title={text.climate}>
      <Grid min={130}>
        <PlanField path="climate/heaterW" />
        <PlanField path="climate/coolerW" />
      </Grid>
      <Box sx={{ fontSize: 14, display: 'grid', gap: 0.25 }}>
        <span>
          {text.needHeater}: <SumFigure sum={openHeater(figures)} digits={2} />{' '}
          {plan.climate.heaterW === null && heaterW > 0 && (
            <Button variant="text" sx={{ minWidth: 0, py: 0 }} onClick={() => set({ heaterW: usualHeaterW(heaterW) }, true)}>
              {text.take(String(usualHeaterW(heaterW)))}
            </Button>
          )}
        </span>
        <span>
          {text.needCooler}: <SumFigure sum={openCooler(figures)} digits={2} />
        </span>
      </Box>
    </Group>
  )
}

function Lamps({ desk }: KitMarginProps) {
  const { form, change } = desk
  const text = kitWords
  return (
    <Group number={4} title={text.lamps}>
      {form.draft.lamps.map((lamp, index) => (
        <Box key={lamp.id} role="group" aria-label={text.lamp(String(index + 1))} sx={{ display: 'grid', gridTemplateColumns: '1fr auto' }}>
          <Grid min={96}>
            <PlanField path="lamps/*/watts" item={lamp} />
            <PlanField path="lamps/*/lengthCm" item={lamp} />
            <PlanField path="lamps/*/aboveWaterCm" item={lamp} />
          </Grid>
          <Button
            variant="text"
            sx={{ minWidth: 26, p: 0 }}
            aria-label={text.removeLamp(String(index + 1))}
            onClick={() => change((plan) => ({ ...plan, lamps: plan.lamps.filter(({ id }) => id !== lamp.id) }))}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
      <Button
        variant="text"
        sx={{ px: 0 }}
        onClick={() =>
          change((plan) => ({
            ...plan,
            lamps: [...plan.lamps, { id: localId('l'), ...UNKNOWN_LAMP }],
          }))
        }
      >
        {text.addLamp}
      </Button>
      <Box component={Link} to={addressOfSheet(desk.tankId, 'light')} sx={{ display: 'block', fontSize: 14, color: 'inherit' }}>
        {text.lampsPlace}
      </Box>
    </Group>
  )
}

function Gas({ desk: { tankId, plan, figures } }: KitMarginProps) {
  const text = kitWords
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  return (
    <Group number={5} title={text.gasKit}>
      {line === undefined ? (
        <Box sx={{ color: 'text.secondary' }}>{text.gasNone}</Box>
      ) : (
        <>
          <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
            {text.gasList.map((part) => (
              <li key={part}>{part}</li>
            ))}
          </Box>
          <Box className="figures" sx={{ fontSize: 14, mt: 0.5 }}>
            {describeWords.drawing.gas(significant(figures.bubblesPerS, 2))}, {decimals(figures.gasMgPerH / 1000, 2)} g/h
          </Box>
          <Box component={Link} to={`${addressOfSheet(tankId, 'gas')}?part=kit`} sx={{ fontSize: 14, color: 'inherit' }}>
            {text.gasPlace}
          </Box>
          <Leak plan={plan} />
          <Box sx={{ fontSize: 13, color: 'var(--algae)', mt: 0.5 }}>{text.gasCaution}</Box>
        </>
      )}
    </Group>
  )
}

/** What a full leak would do in this room, and whether an alarm is wanted there. */
function Leak({ plan }: { plan: Plan }) {
  const leak = openLeak(plan)
  const { value } = leak.result
  return (
    <Box sx={{ fontSize: 14, mt: 0.5 }}>
      {kitWords.leak} <SumFigure sum={leak} />
      {value > LEAK_HARMFUL ? ` ${kitWords.leakHarmful}` : value > LEAK_ALARM ? ` ${kitWords.leakAlarm}` : ''}
    </Box>
  )
}
