import { waterSheetWords } from '@jovrin/contract'
import type { FirstFill } from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../../drawing/Measured.js'
import { Section } from '../../../../drawing/section/Section.js'
import { FillMarks } from '../../../../drawing/water/FillMarks.js'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { StartTimer } from '../../../../ui/timers/StartTimer.js'
import { useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { sectionLabels } from '../../sectionLabels.js'

/** The first fill in its stages, on the tank and in a table. */
export function FillStages({ desk: { plan, figures, tankId }, fill }: { readonly desk: Desk; readonly fill: FirstFill }) {
  const text = waterSheetWords
  const units = useUnits()
  const litres = (value: number): string => units.show('volume', value)
  return (
    <>
      <Measured usual={760}>
        {(width) => (
          <Section
            width={width}
            plan={plan}
            figures={figures}
            ageDays={0}
            hasPlants={false}
            mostHeight={350}
            labels={sectionLabels(plan, figures, units, [[text.fill, litres(fill.litres)]])}
            marks={(layout) => (
              <FillMarks
                layout={layout}
                stages={fill.stages
                  .filter(({ toCm }) => toCm > 0)
                  .map(({ stage, toCm }) => ({ toCm, label: `${String(1 + fill.stages.findIndex((one) => one.stage === stage))}` }))}
              />
            )}
          />
        )}
      </Measured>
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          className="figures"
          sx={{
            fontSize: 14,
            mt: 1,
            '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
            '& td, & th': { pr: 2, lineHeight: 1.4 },
            '& td:not(:first-of-type)': { whiteSpace: 'nowrap' },
          }}
        >
          <HeadRow heads={text.stages} />
          <tbody>
            {fill.stages.map(({ stage, litres: water, toCm, lPerMin, minutes }, place) => (
              <tr key={stage}>
                <td>{`${place + 1} ${text.stageNames[stage]}`}</td>
                <td>{litres(water)}</td>
                <td>{toCm > 0 ? units.show('length', toCm) : ''}</td>
                <td>{lPerMin === null ? '–' : text.flow(units.show('volume', lPerMin, 2))}</td>
                <td>{minutes === null ? '–' : units.show('minutes', minutes)}</td>
                <td>
                  {minutes !== null && minutes > 0.5 && (
                    <StartTimer id={`${tankId} fill ${stage}`} name={`${plan.name}, ${place + 1}`} seconds={Math.round(minutes * 60)} />
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Box sx={{ fontSize: 14, mt: 0.5 }}>
        {fill.minutes === null ? text.fillOpen : text.fillTotal(litres(fill.litres), units.show('minutes', fill.minutes))}
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--algae)', mt: 0.5 }}>△ {text.aside}</Box>
    </>
  )
}
