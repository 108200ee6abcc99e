import { waterSheetWords } from '@jovrin/contract'
import { mixOf } from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../../drawing/Measured.js'
import { MixBarrel, type MixLayer } from '../../../../drawing/water/MixBarrel.js'
import { percent, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { sourceName } from '../../../shared/water/sourceName.js'

/** Waters of a regular change, each as high as its share. */
export function MixDrawing({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const mix = mixOf(plan)
  const litres = figures.waterL * plan.changes.fraction
  const layer = (id: string, name: string, share: number, isPurified: boolean): MixLayer => ({
    id,
    share,
    label: name,
    note: `${percent(share)} %, ${units.show('volume', share * litres)}`,
    isPurified,
  })
  const layers = [
    ...mix.sources.map(({ source, share, place }) =>
      layer(source?.id ?? `s${place}`, source === null ? sourceName({ name: '', kind: 'mains' }) : sourceName(source), share, false),
    ),
    ...(mix.purified > 0 ? [layer('purified', text.purified, mix.purified, true)] : []),
  ]
  return (
    <section aria-labelledby="water-mix">
      <Box component="h2" id="water-mix" className="lettering" sx={{ fontSize: 16, m: 0 }}>
        {text.mixTitle}
      </Box>
      <Measured usual={370}>
        {(width) => (
          <MixBarrel
            width={width}
            description={text.mixDescription(plan.name, layers.map(({ label, note }) => `${label} ${note}`).join('; '))}
            layers={layers}
            total={text.perChange(units.show('volume', litres))}
          />
        )}
      </Measured>
    </section>
  )
}
