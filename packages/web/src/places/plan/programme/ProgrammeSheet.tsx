import {
  buildWords,
  fieldWords,
  groundKindWords,
  layingStepWords,
  planWords,
  preparationWords,
  shoppingWords,
  sundryWords,
  say,
} from '@jovrin/contract'
import { PlanField } from '../PlanField.js'
import {
  backwardCalendar,
  firstFillL,
  laterPlanting,
  layingOrder,
  LONG_DAY_H,
  monthlyCost,
  OFTEN_FORGOTTEN,
  runningParts,
  waterLogistics,
  workMinutes,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { timelineOfTank } from '../../../api/tanks.queries.js'
import { DateField } from '../../../ui/dates/DateField.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { Group } from '../../../ui/QuestionGroup.js'
import { significant, useUnits, money } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { HowItBegins } from './HowItBegins.js'
import { FixingList } from '../hardscape/HardscapeMargin.js'
import { locale } from '../../../ui/locale.js'

const day = (date: string): string =>
  new Date(`${date}T12:00Z`).toLocaleDateString(locale(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  })

/** The build, counted back from planting: what, when, with how much water. */
export function ProgrammeSheet({ desk }: { desk: Desk }) {
  const { plan, figures, form, change, commit } = desk
  const units = useUnits()
  const text = buildWords
  const findings = useFindings(desk)
  const steps = useMemo(() => backwardCalendar(plan, figures), [plan, figures])
  const today = useQuery(timelineOfTank(desk.tankId)).data?.today
  const later = today === undefined ? null : laterPlanting(steps, plan.startedOn, today)
  const laying = layingOrder(figures.ground, {
    barriers: plan.barriers.length > 0,
    capsules: plan.tabs.some(({ kind }) => kind === 'capsule'),
    hardscape: plan.hardscape.length > 0,
  })
  const planting = steps.find(({ code }) => code === 'planting')
  const workH = (planting?.values['work']?.value ?? 0) / 60
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1.4fr) minmax(0,1fr)' },
        columnGap: 3,
        px: 2,
        py: 1,
        flexGrow: 1,
        alignContent: 'start',
      }}
    >
      <Box>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, borderBottom: '2px solid var(--ink)', mb: 0.5, pb: 0.5 }}>
          <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 20, flexGrow: 1 }}>
            {text.title} · {plan.name}
          </Box>
          <Box className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
            <DateField
              label={text.firstDay[plan.start.method]}
              title={text.firstDayWhy}
              value={form.draft.startedOn}
              onChange={(startedOn) => startedOn !== '' && change((now) => ({ ...now, startedOn }), false)}
              onCommit={commit}
            />
            <Button onClick={() => window.print()}>{planWords.print}</Button>
          </Box>
        </Box>
        <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="programme" />
        <Box
          component="table"
          className="figures"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            fontSize: 14.5,
            '& td, & th': { textAlign: 'left', verticalAlign: 'baseline', p: '4px 12px 4px 0', borderBottom: '1px solid var(--hair)' },
            '& th': { fontWeight: 'normal', color: 'text.secondary', fontSize: 12.5 },
          }}
        >
          <HeadRow heads={text.head} />
          <tbody>
            {steps.map((step) => (
              <Box component="tr" key={step.code} sx={step.code === 'planting' ? { fontWeight: 600 } : {}}>
                <td style={{ whiteSpace: 'nowrap' }}>{text.before(String(step.daysBefore))}</td>
                <td style={{ whiteSpace: 'nowrap' }}>
                  {day(step.on)}
                  {later !== null && today !== undefined && step.on < today && (
                    <Box component="span" sx={{ color: 'var(--algae)' }}>{` ${text.late}`}</Box>
                  )}
                </td>
                <td>{say(preparationWords, step.code, step.values, units.reader)}</td>
              </Box>
            ))}
          </tbody>
        </Box>
        {later !== null && (
          <Box sx={{ color: 'var(--algae)', fontSize: 14, mt: 0.5 }}>
            {`△ ${text.lateBuild} `}
            <Button className="no-print" onClick={() => change((now) => ({ ...now, startedOn: later }))}>
              {text.movePlanting(day(later))}
            </Button>
          </Box>
        )}
        {workH > LONG_DAY_H && (
          <Box sx={{ color: 'var(--algae)', fontSize: 14, mt: 0.5 }}>△ {text.longDay(units.show('hours', workH, 2))}</Box>
        )}
        <Box component="h3" className="lettering" sx={{ fontSize: 16, mb: 0.25, mt: 1.5, borderBottom: '1px solid var(--ink)' }}>
          {text.laying}
        </Box>
        <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
          {laying.map((step) => (
            <li key={step.code}>
              {layingStepWords[step.code](
                step.grounds.map((kind) => groundKindWords[kind] ?? kind).join(', '),
                units.show('volume', step.litres, 2),
              )}
            </li>
          ))}
        </Box>
        <Box component="h3" className="lettering" sx={{ fontSize: 16, mb: 0.25, mt: 1.5, borderBottom: '1px solid var(--ink)' }}>
          {text.fixing}
        </Box>
        <FixingList desk={desk} />
        <Box sx={{ fontSize: 14, mt: 1.5 }}>
          {text.firstHint}{' '}
          <Box component={Link} className="no-print" to={`/tanks/${desk.tankId}/calendar`} sx={{ color: 'inherit' }}>
            {text.toCalendar}
          </Box>
        </Box>
        <Box sx={{ fontSize: 14, color: 'var(--algae)', mt: 0.5 }}>{text.caution}</Box>
      </Box>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <HowItBegins desk={desk} />
        <Water desk={desk} />
        <Group number={3} title={text.forgotten}>
          <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', columns: 2, fontSize: 14 }}>
            {OFTEN_FORGOTTEN.map((thing) => (
              <li key={thing}>☐ {sundryWords[thing]}</li>
            ))}
          </Box>
        </Group>
      </Box>
    </Box>
  )
}

function Water({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const units = useUnits()
  const text = buildWords
  const water = waterLogistics(
    plan,
    { waterL: figures.waterL, fillL: firstFillL(figures) },
    workMinutes(figures, plan.changes.fraction).change,
  )
  const cost = monthlyCost(runningParts(plan, figures).filter(({ kind }) => kind === 'water' || kind === 'salts' || kind === 'fertiliser'))
  const litres = (value: number): string => units.show('volume', value)
  const rows: readonly (readonly [string, string])[] = [
    [text.perChange, litres(water.perChangeL)],
    [text.changes, String(water.changes)],
    [text.fourWeeks, `${litres(water.fourWeeksL)}, ${text.tanksFull(significant(water.tanksFull, 2))}`],
    [text.minutes, units.show('minutes', water.minutesPerChange)],
    ...(water.purifiedPerChangeL > 0
      ? ([
          [text.purifiedEach, litres(water.purifiedPerChangeL)],
          [text.purifiedAll, litres(water.purifiedFourWeeksL)],
          [text.wasteAll, litres(water.wasteL)],
          [text.daysEach, water.daysForOneChange === null ? '–' : text.daysTold(significant(water.daysForOneChange, 2))],
          [
            fieldWords['logistics/barrelL'][0],
            water.changesInBarrel === null ? '–' : text.barrelTold(significant(water.changesInBarrel, 2)),
          ],
        ] as const)
      : []),
    [text.cost, shoppingWords.year(money(cost * 12, plan.money.currency, 0))],
  ]
  return (
    <Group number={2} title={text.water}>
      <MarginTable caption={text.asPlanned}>
        {rows.map(([name, value]) => (
          <tr key={name}>
            <td>{name}</td>
            <td style={{ textAlign: 'right' }}>{value}</td>
          </tr>
        ))}
      </MarginTable>
      <Box className="no-print" sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, mt: 1 }}>
        <PlanField path="logistics/purifiedFraction" />
        <PlanField path="logistics/purifierLPerDay" />
        <PlanField path="logistics/barrelL" />
        <PlanField path="logistics/wastePerL" />
      </Box>
    </Group>
  )
}
