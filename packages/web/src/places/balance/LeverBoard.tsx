import { balanceWords, schoolWords, surfaceWords, LEVER_RANGE } from '@jovrin/contract'
import { dimOf, FEEDING_SCHOOLS, SURFACES, USUAL_SURFACE, type Levers, type Plan, type StartPhase, type TankFigures } from '@jovrin/core'
import { Box, Button, MenuItem, Select, Slider } from '@mui/material'
import { percent, significant } from '../../ui/units.js'

interface LeverBoardProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly levers: Levers
  readonly isMoved: boolean
  /** Of today. Hours and feed of a start are its own; in the dark there is nothing to thin. */
  readonly phase: StartPhase
  readonly onMove: (levers: Levers, isFinal: boolean) => void
  readonly onKeep: () => void
}

/** Page keys move by so many steps. */
const LARGE_STEP = 10

interface Lever {
  readonly name: Exclude<keyof Levers, 'feeding' | 'surface'>
  readonly planned: number
  readonly min: number
  readonly max: number
  readonly step: number
  readonly text: (value: number) => string
  readonly isIdle?: boolean
}

/** All levers, each at its planned value until it is moved; the planned value stays marked on the rail. */
export function LeverBoard({ plan, figures, levers, isMoved, phase, onMove, onKeep }: LeverBoardProps) {
  const units = balanceWords.units
  const hasGas = plan.gasLines.some((line) => line.control !== 'none')
  const board: readonly Lever[] = [
    {
      name: 'dimFraction',
      planned: dimOf(figures.lamps) ?? 0,
      min: 0,
      max: 1,
      step: 0.01,
      text: (value) => `${percent(value)} ${units.percent}`,
      isIdle: plan.lamps.length === 0,
    },
    {
      name: 'hours',
      planned: plan.lightWindows[0]?.hours ?? 0,
      min: 0,
      max: LEVER_RANGE.hours[1],
      step: 0.25,
      text: (value) => `${significant(value, 4)} ${units.hours}`,
      isIdle: phase !== 'planted' || plan.lightWindows.length === 0,
    },
    {
      name: 'gasFactor',
      planned: 1,
      min: 0,
      max: 2,
      step: 0.05,
      text: (value) => (value === 0 ? balanceWords.off : `${significant(value * figures.bubblesPerS, 2)} ${units.bubbles}`),
      isIdle: !hasGas,
    },
    {
      name: 'changeFraction',
      planned: plan.changes.fraction,
      min: 0,
      max: 0.9,
      step: 0.05,
      text: (value) => `${percent(value)} ${units.percent}`,
    },
    {
      name: 'changeEveryDays',
      planned: plan.changes.everyDays,
      min: 1,
      max: 28,
      step: 1,
      text: (value) => `${significant(value)} ${units.days}`,
    },
    {
      name: 'massFactor',
      planned: 1,
      min: LEVER_RANGE.massFactor[0],
      max: LEVER_RANGE.massFactor[1],
      step: 0.1,
      text: (value) => `${units.times} ${significant(value, 2)}`,
      isIdle: phase === 'dark',
    },
  ]
  const withLever = (name: keyof Levers, value: number | string | undefined): Levers => {
    const { [name]: _before, ...others } = levers
    return value === undefined ? others : { ...others, [name]: value } // each board row and menu gives values of its own field
  }
  return (
    <Box component="section" aria-labelledby="levers">
      <Box component="h2" id="levers" className="lettering" sx={{ m: 0, fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
        {balanceWords.levers}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: '82px minmax(0,1fr) 66px',
          columnGap: 1.5,
          alignItems: 'center',
          '& > *': { minHeight: 29 },
        }}
      >
        {board
          .filter((lever) => !lever.isIdle)
          .map((lever) => {
            const value = levers[lever.name] ?? lever.planned
            const set = (next: number, isFinal: boolean): void =>
              onMove(withLever(lever.name, Math.abs(next - lever.planned) < lever.step / 2 ? undefined : next), isFinal)
            const label = balanceWords.lever[lever.name]
            return (
              <Box key={lever.name} sx={{ display: 'contents' }}>
                <Box
                  sx={{ display: 'flex', alignItems: 'center', fontWeight: levers[lever.name] === undefined ? 400 : 600 }}
                  title={lever.name === 'massFactor' ? balanceWords.leverWhy.massFactor : ''}
                >
                  {label}
                </Box>
                <Box sx={{ display: 'flex', alignItems: 'center' }}>
                  <Slider
                    value={Math.min(Math.max(value, lever.min), lever.max)}
                    min={lever.min}
                    max={lever.max}
                    step={lever.step}
                    shiftStep={lever.step * LARGE_STEP}
                    track={false}
                    marks={[{ value: Math.min(Math.max(lever.planned, lever.min), lever.max) }]}
                    aria-label={label}
                    getAriaValueText={lever.text}
                    onChange={(_, next) => set(next, false)}
                    onChangeCommitted={(_, next) => set(next, true)}
                  />
                </Box>
                <Box
                  className="figures"
                  sx={{
                    display: 'flex',
                    alignItems: 'center',
                    justifyContent: 'flex-end',
                    whiteSpace: 'nowrap',
                    fontWeight: levers[lever.name] === undefined ? 400 : 600,
                  }}
                >
                  {lever.text(value)}
                </Box>
              </Box>
            )
          })}
        {phase === 'planted' && (
          <Menu
            name="feeding"
            options={FEEDING_SCHOOLS.map((school) => [school, schoolWords[school]])}
            value={levers.feeding}
            planned={plan.feeding}
            onChoose={(next) => onMove(withLever('feeding', next), true)}
          />
        )}
        <Menu
          name="surface"
          options={SURFACES.map((surface) => [surface, surfaceWords[surface]])}
          value={levers.surface}
          planned={plan.flow.surface ?? USUAL_SURFACE}
          onChoose={(next) => onMove(withLever('surface', next), true)}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.75 }}>
        <Button variant="contained" disabled={!isMoved} onClick={onKeep}>
          {balanceWords.keep}
        </Button>
        <Button disabled={!isMoved} onClick={() => onMove({}, true)}>
          {balanceWords.back}
        </Button>
      </Box>
    </Box>
  )
}

interface MenuProps {
  readonly name: 'feeding' | 'surface'
  readonly options: readonly (readonly [value: string, label: string])[]
  /** `undefined` while it stands as planned. */
  readonly value: string | undefined
  readonly planned: string
  readonly onChoose: (value: string | undefined) => void
}

/** A lever of words. */
function Menu({ name, options, value, planned, onChoose }: MenuProps) {
  return (
    <>
      <Box id={`lever-${name}`} sx={{ display: 'flex', alignItems: 'center', fontWeight: value === undefined ? 400 : 600 }}>
        {balanceWords.lever[name]}
      </Box>
      <Select
        variant="standard"
        value={value ?? planned}
        labelId={`lever-${name}`}
        onChange={({ target }) => onChoose(target.value === planned ? undefined : target.value)}
        sx={{ gridColumn: 'span 2' }}
      >
        {options.map(([option, label]) => (
          <MenuItem key={option} value={option}>
            {label}
          </MenuItem>
        ))}
      </Select>
    </>
  )
}
