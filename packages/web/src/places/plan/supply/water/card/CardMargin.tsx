import { waterSheetWords } from '@jovrin/contract'
import { openChange, type OpenedSum } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { MarginTable } from '../../../../../ui/MarginTable.js'
import { NumberField } from '../../../../../ui/NumberField.js'
import { Grid } from '../../../../../ui/QuestionGroup.js'
import { useSetParam } from '../../../../../ui/useSetParam.js'
import { percent, useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'
import { SumFigure } from '../../../../shared/SumFigure.js'
import { Heading } from '../../light/LampsPanel.js'
import type { CardState } from './useChangeCard.js'

/** What holds for this change alone. */
export function CardMargin({ desk, state }: { readonly desk: Desk; readonly state: CardState }) {
  const text = waterSheetWords
  const units = useUnits()
  const setParam = useSetParam()
  const { card, fraction, tankC, roomC, set } = state
  const { kit } = desk.plan.water
  const { litres, hot, conditioner, fill } = openChange(desk.plan, card, { waterL: desk.figures.waterL, fraction, tankC })
  const rows: readonly (readonly [string, OpenedSum])[] = [
    [text.figures.litres, litres],
    ...(card.warming.hotL > 0 ? [[text.figures.hot, hot] as const] : []),
    ...(conditioner === null ? [] : [[text.figures.conditioner, conditioner] as const]),
    ...(fill === null ? [] : [[text.figures.fill, fill] as const]),
  ]
  return (
    <section aria-labelledby="water-card-today">
      <Heading id="water-card-today">{text.cardOf(`${percent(fraction)} %`, units.show('volume', card.litres))}</Heading>
      <Box className="no-print" sx={{ display: 'grid', gap: 1, fontSize: 14, mb: 1.5 }}>
        <Grid min={130}>
          <NumberField
            label={text.fraction}
            why={text.fractionWhy}
            dimension="fraction"
            range={[0.01, 1]}
            canBeUnknown={false}
            value={fraction}
            onChange={(value) => value !== null && set({ fraction: value })}
          />
          <NumberField
            label={text.tankC}
            why={text.tankCWhy}
            dimension="temperature"
            range={[5, 40]}
            canBeUnknown={false}
            value={tankC}
            onChange={(value) => value !== null && set({ tankC: value })}
          />
          <NumberField
            label={text.roomC}
            why={text.roomCWhy}
            dimension="temperature"
            range={[-5, 45]}
            canBeUnknown={false}
            value={roomC}
            onChange={(value) => value !== null && set({ roomC: value })}
          />
        </Grid>
        {(kit.fillS === null || kit.drainS === null) && (
          <Box>
            <Button variant="text" onClick={() => setParam('part', 'ready')}>
              {text.toKit}
            </Button>
          </Box>
        )}
        <Box sx={{ color: 'text.secondary' }}>{text.printHint}</Box>
      </Box>
      <MarginTable caption={text.workedOut}>
        {rows.map(([name, sum]) => (
          <tr key={name}>
            <td>{name}</td>
            <td style={{ textAlign: 'right' }}>
              <SumFigure sum={sum} />
            </td>
          </tr>
        ))}
      </MarginTable>
    </section>
  )
}
