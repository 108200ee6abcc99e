import { waterSheetWords } from '@jovrin/contract'
import type { WaterQuality } from '@jovrin/core'
import { Box } from '@mui/material'
import { HeadRow } from '../../../../../ui/HeadRow.js'
import { NumberField } from '../../../../../ui/NumberField.js'
import { Grid } from '../../../../../ui/QuestionGroup.js'
import { percent, useUnits } from '../../../../../ui/units.js'
import { Heading } from '../../light/LampsPanel.js'
import type { StepwiseState } from './useStepwise.js'

const DIMENSION = { temperatureC: 'temperature', hardnessMmolPerL: 'hardness', alkalinityMeqPerL: 'alkalinity' } as const satisfies Record<
  WaterQuality,
  string
>

/** Day by day: how much is changed, and what animals feel of it. */
export function StepwiseTable({ state: { stepwise, tank, to } }: { readonly state: StepwiseState }) {
  const text = waterSheetWords
  const units = useUnits()
  const told = (quality: WaterQuality, value: number): string => units.show(DIMENSION[quality], value, 3)
  return (
    <section aria-labelledby="water-steps">
      <Box component="h2" id="water-steps" className="lettering" sx={{ fontSize: 16, m: 0, mt: 1.5 }}>
        {text.stepwise}
      </Box>
      <Box sx={{ fontSize: 14 }}>{text.stepwiseWhy}</Box>
      {stepwise.steps.length === 0 ? (
        <Box role="status" sx={{ fontSize: 14 }}>
          {text.stepwiseNone}
        </Box>
      ) : (
        <Box sx={{ overflowX: 'auto' }}>
          <Box
            component="table"
            className="figures"
            sx={{
              fontSize: 14,
              '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
              '& td, & th': { pr: 2.5, lineHeight: 1.4 },
            }}
          >
            <HeadRow heads={text.steps} />
            <tbody>
              <tr>
                <td>0</td>
                <td>–</td>
                <td>{told('temperatureC', tank.temperatureC)}</td>
                <td>{told('hardnessMmolPerL', tank.hardnessMmolPerL)}</td>
                <td>{told('alkalinityMeqPerL', tank.alkalinityMeqPerL)}</td>
                <td />
              </tr>
              {stepwise.steps.map(({ day, fraction, after, heldBy }) => (
                <tr key={day}>
                  <td>{day}</td>
                  <td>{`${percent(fraction)} %`}</td>
                  <td>{told('temperatureC', after.temperatureC)}</td>
                  <td>{told('hardnessMmolPerL', after.hardnessMmolPerL)}</td>
                  <td>{told('alkalinityMeqPerL', after.alkalinityMeqPerL)}</td>
                  <td>{heldBy === null ? '' : text.qualities[heldBy]}</td>
                </tr>
              ))}
              <tr>
                <th scope="row">{text.newWater}</th>
                <td />
                <td>{told('temperatureC', to.temperatureC)}</td>
                <td>{told('hardnessMmolPerL', to.hardnessMmolPerL)}</td>
                <td>{told('alkalinityMeqPerL', to.alkalinityMeqPerL)}</td>
                <td />
              </tr>
            </tbody>
          </Box>
        </Box>
      )}
      {!stepwise.arrives && (
        <Box role="status" sx={{ fontSize: 14, color: 'var(--algae)' }}>
          {text.stepwiseNever}
        </Box>
      )}
      <Box sx={{ fontSize: 14 }}>{text.stepwisePh}</Box>
    </section>
  )
}

/** The tank as tested, and by how much a day may move it. */
export function StepwiseFields({ state: { tank, most, setTank, setMost } }: { readonly state: StepwiseState }) {
  const text = waterSheetWords
  const units = useUnits()
  // A span of warmth has no zero.
  const perDegree = units.to('temperature', 1) - units.to('temperature', 0)
  return (
    <section aria-labelledby="water-stepwise">
      <Heading id="water-stepwise">{text.stepwiseFrom}</Heading>
      <Grid min={130}>
        <NumberField
          label={text.tankC}
          why={text.tankCWhy}
          dimension="temperature"
          range={[5, 40]}
          canBeUnknown={false}
          value={tank.temperatureC}
          onChange={(value) => value !== null && setTank({ temperatureC: value })}
        />
        <NumberField
          label={text.tankHardness}
          why={text.byTest}
          dimension="hardness"
          range={[0, 15]}
          canBeUnknown={false}
          value={tank.hardnessMmolPerL}
          onChange={(value) => value !== null && setTank({ hardnessMmolPerL: value })}
        />
        <NumberField
          label={text.tankAlkalinity}
          why={text.byTest}
          dimension="alkalinity"
          range={[0, 15]}
          canBeUnknown={false}
          value={tank.alkalinityMeqPerL}
          onChange={(value) => value !== null && setTank({ alkalinityMeqPerL: value })}
        />
        <NumberField
          label={`${text.mostADay}: ${text.qualities.temperatureC}`}
          why={text.mostADayWhy}
          dimension="ratio"
          unit={units.unitOf('temperature').replace('°C', 'K')}
          range={[0.1 * perDegree, 5 * perDegree]}
          canBeUnknown={false}
          value={most.temperatureC * perDegree}
          onChange={(value) => value !== null && setMost({ temperatureC: value / perDegree })}
        />
        <NumberField
          label={`${text.mostADay}: ${text.qualities.hardnessMmolPerL}`}
          why={text.mostADayWhy}
          dimension="hardness"
          range={[0.01, 1]}
          canBeUnknown={false}
          value={most.hardnessMmolPerL}
          onChange={(value) => value !== null && setMost({ hardnessMmolPerL: value })}
        />
        <NumberField
          label={`${text.mostADay}: ${text.qualities.alkalinityMeqPerL}`}
          why={text.mostADayWhy}
          dimension="alkalinity"
          range={[0.01, 2]}
          canBeUnknown={false}
          value={most.alkalinityMeqPerL}
          onChange={(value) => value !== null && setMost({ alkalinityMeqPerL: value })}
        />
      </Grid>
    </section>
  )
}
