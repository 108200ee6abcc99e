import { speciesWords } from '@jovrin/contract'
import { heightAfterCm, type PlantSpecies } from '@jovrin/core'
import { Box } from '@mui/material'
import { INK } from '../../../drawing/ink.js'
import { PlantParts } from '../../../drawing/species/PlantGlyph.js'
import { plantShape } from '../../../drawing/species/plantShape.js'
import { significant, useUnits, type Units } from '../../../ui/units.js'

const WIDTH = 560
const HEIGHT = 330
const FOOT = 40
const HEAD = 38
const LEFT = 46
const WEEKS = 8

/** A plant to scale, in strong and in weak light, against its height as planted and as grown. */
export function PlantPortrait({ plant }: { readonly plant: PlantSpecies }) {
  const units = useUnits()
  const isFloating = plant.form === 'floater'
  const { value: grown, low, high } = plant.matureHeightCm
  const strong = heightAfterCm(plant, { weeks: WEEKS, supply: 1 })
  const weak = heightAfterCm(plant, { weeks: WEEKS, supply: 0 })
  // A floater's roots take as much room below the water as its leaves above.
  const tallestCm = isFloating ? Math.max(high, plant.leafLengthCm.value) * 2 : high
  // Stems and carpets are planted in groups; of what stands alone one is drawn.
  const isGroup = plant.kind === 'carpet' || plant.form === 'stem' || plant.form === 'free-stem'
  const widthCm = isGroup
    ? Math.max(plant.spreadCm.value, Math.min(plant.spreadCm.value * 3, tallestCm * 0.8))
    : Math.max(plant.spreadCm.value, 0.1)
  const perCm = Math.min((HEIGHT - FOOT - HEAD) / (tallestCm * 1.04), (WIDTH - LEFT) / 2 / (widthCm * 1.2))
  const groundY = isFloating ? HEAD + (HEIGHT - FOOT - HEAD) * 0.5 : HEIGHT - FOOT
  const y = (cm: number): number => groundY - cm * perCm
  const columns = [
    { x: LEFT + (WIDTH - LEFT) * 0.27, heightCm: strong, light: 1, label: speciesWords.strongLight },
    { x: LEFT + (WIDTH - LEFT) * 0.76, heightCm: weak, light: 0, label: speciesWords.weakLight },
  ]
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={speciesWords.drawn(plant.name, units.show('length', strong, 2), units.show('length', weak, 2))}
      sx={{
        width: '100%',
        height: 'auto',
        display: 'block',
        background: 'var(--sheet)',
        border: '1px solid var(--hair)',
        fontSize: 12.5,
        fill: 'var(--ink)',
      }}
    >
      <text x={10} y={17} className="lettering" fontSize={15}>
        {speciesWords.portrait}
      </text>
      <Ruler y={y} mostCm={high} units={units} />
      <rect x={LEFT - 5} y={y(high)} width={4} height={(high - low) * perCm} fill="var(--mass-fill)" />
      {!isFloating && (
        <>
          <Mark y={y(grown)} label={speciesWords.grown(units.show('length', grown, 2))} dash="" />
          <Mark
            y={y(plant.plantingHeightCm.value)}
            label={speciesWords.planted(units.show('length', plant.plantingHeightCm.value, 2))}
            dash="4 3"
          />
        </>
      )}
      <path
        d={`M${LEFT} ${groundY}H${WIDTH - 8}`}
        stroke={isFloating ? 'var(--clean)' : 'var(--ground)'}
        strokeWidth={INK.heavy}
        fill="none"
      />
      {columns.map(({ x, heightCm, light, label }) => (
        <g key={label}>
          <g transform={`translate(${x} ${groundY}) scale(${perCm})`}>
            <PlantParts shape={plantShape(plant, { heightCm, widthCm, light, seed: 5 })} plant={plant} light={light} />
          </g>
          <text x={x} y={HEIGHT - 20} textAnchor="middle">
            {label}
          </text>
          <text x={x} y={HEIGHT - 5} textAnchor="middle" fill="var(--ink-2)">
            {units.show('length', heightCm, 2)}
          </text>
        </g>
      ))}
    </Box>
  )
}

/** Steps of a ruler that read well: 1, 2 or 5 of a power of ten. */
function stepFor(most: number): number {
  const raw = most / 5
  const power = 10 ** Math.floor(Math.log10(raw))
  return (raw / power < 1.5 ? 1 : raw / power < 3.5 ? 2 : raw / power < 7.5 ? 5 : 10) * power
}

function Ruler({ y, mostCm, units }: { readonly y: (cm: number) => number; readonly mostCm: number; readonly units: Units }) {
  const most = units.to('length', mostCm)
  const step = stepFor(most)
  const ticks = Array.from({ length: Math.floor(most / step) + 1 }, (_, index) => index * step)
  return (
    <g fontSize={11.5} fill="var(--ink-2)">
      <path d={`M${LEFT} ${y(0)}V${y(mostCm)}`} stroke="var(--ink)" strokeWidth={INK.thin} />
      {ticks.map((shown) => {
        const at = y(units.from('length', shown))
        return (
          <g key={shown}>
            <path d={`M${LEFT - 5} ${at}h5`} stroke="var(--ink)" strokeWidth={INK.thin} />
            <text x={LEFT - 8} y={at + 4} textAnchor="end">
              {significant(shown, 2)}
            </text>
          </g>
        )
      })}
      <text x={LEFT + 5} y={y(mostCm) + 4}>
        {units.unitOf('length')}
      </text>
    </g>
  )
}

function Mark({ y, label, dash }: { readonly y: number; readonly label: string; readonly dash: string }) {
  return (
    <g>
      <path d={`M${LEFT} ${y}H${WIDTH - 8}`} stroke="var(--ink-2)" strokeWidth={INK.thin} strokeDasharray={dash} fill="none" />
      <text x={WIDTH - 10} y={y - 3} textAnchor="end" fill="var(--ink-2)" fontSize={12}>
        {label}
      </text>
    </g>
  )
}
