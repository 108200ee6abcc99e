import {
  enDensity,
  enDescribe,
  enField,
  enFilterState,
  enGasControl,
  enGroundKind,
  enPlantKind,
  enRefused,
  enSchool,
  enSurface,
  PLAN_RANGE,
} from '@jovrin/contract'
import {
  DENSITIES,
  FEEDING_SCHOOLS,
  FILTER_STATES,
  GAS_CONTROLS,
  GROUND_KINDS,
  pieceMassKg,
  PLANT_KINDS,
  SURFACES,
  UNKNOWN_SOURCE,
  UNPLACED,
  type GroundKind,
  type Plan,
  type PlantKind,
} from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { Choice } from '../../../ui/Choice.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Group, Grid } from '../../../ui/QuestionGroup.js'
import type { PlanForm } from './usePlanForm.js'

interface FieldsProps {
  readonly form: PlanForm
  readonly onCommit: () => void
}

const field = (name: string): { question: string; label: string; why: string } => ({
  question: name,
  label: enField[name]?.[0] ?? name,
  why: enField[name]?.[1] ?? '',
})
const options = <T extends string>(values: readonly T[], names: Record<string, string>): (readonly [T, string])[] =>
  values.map((value) => [value, names[value] ?? value] as const)
const yesNo = [
  ['yes', enDescribe.yes],
  ['no', enDescribe.no],
] as const

/** The questions about a tank, in the order of the work. Every number takes "don't know": leave it empty. */
export function PlanFields({ form, onCommit }: FieldsProps) {
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <VesselFields form={form} onCommit={onCommit} />
      <WaterFields form={form} onCommit={onCommit} />
      <GroundFields form={form} onCommit={onCommit} />
      <PlantFields form={form} onCommit={onCommit} />
      <LightFields form={form} onCommit={onCommit} />
      <GasFields form={form} onCommit={onCommit} />
      <FlowFields form={form} onCommit={onCommit} />
      <CareFields form={form} onCommit={onCommit} />
      <AnimalFields form={form} onCommit={onCommit} />
    </Box>
  )
}

function VesselFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const number = (name: Exclude<keyof Plan['vessel'], 'top'>, usual: readonly [number, number]) => (
    <NumberField
      {...field(name)}
      value={draft.vessel[name]}
      range={PLAN_RANGE[name]}
      usual={usual}
      dimension="length"
      assumed={name}
      onChange={(value) => set('vessel', { ...form.now().vessel, [name]: value })}
      onCommit={onCommit}
    />
  )
  return (
    <Group number={1} title={enDescribe.section.glass}>
      <Grid>
        <TextField
          {...textField('name')}
          value={draft.name}
          onChange={(event) => set('name', event.target.value)}
          onBlur={onCommit}
          error={draft.name.trim() === ''}
          helperText={draft.name.trim() === '' ? enRefused.tooShort(field('name').label, '1') : ''}
          slotProps={{ htmlInput: { maxLength: 80 }, inputLabel: { shrink: true } }}
        />
        <TextField
          {...textField('startedOn')}
          type="date"
          value={draft.startedOn}
          onChange={(event) => set('startedOn', event.target.value)}
          onBlur={onCommit}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {number('lengthCm', [25, 200])}
        {number('widthCm', [18, 80])}
        {number('heightCm', [18, 70])}
        {number('glassCm', [0.3, 2])}
        {number('freeboardCm', [0, 10])}
      </Grid>
    </Group>
  )
}
const textField = (name: string): { label: string; title: string; 'data-question': string } => ({
  label: field(name).label,
  title: field(name).why,
  'data-question': name,
})

function WaterFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const source = draft.sources[0] ?? { id: 'tap', ...UNKNOWN_SOURCE }
  const number = (
    name: 'alkalinityMeqPerL' | 'hardnessMmolPerL' | 'nitrateMgNPerL' | 'phosphateMgPPerL',
    dimension: 'alkalinity' | 'hardness' | 'nitrate' | 'phosphate',
    usual: readonly [number, number],
  ) => (
    <NumberField
      {...field(name)}
      value={source[name]}
      range={PLAN_RANGE[name]}
      usual={usual}
      dimension={dimension}
      assumed={name}
      onChange={(value) => set('sources', [{ ...(form.now().sources[0] ?? source), [name]: value }])}
      onCommit={onCommit}
    />
  )
  return (
    <Group number={2} title={enDescribe.section.water}>
      <Grid>
        <NumberField
          {...field('temperatureC')}
          value={draft.temperatureC}
          range={PLAN_RANGE.temperatureC}
          usual={[18, 30]}
          dimension="temperature"
          assumed="temperatureC"
          onChange={(value) => set('temperatureC', value)}
          onCommit={onCommit}
        />
        {number('alkalinityMeqPerL', 'alkalinity', [0, 7])}
        {number('hardnessMmolPerL', 'hardness', [0, 4])}
        {number('nitrateMgNPerL', 'nitrate', [0, 12])}
        {number('phosphateMgPPerL', 'phosphate', [0, 2])}
        <NumberField
          {...field('roomCo2Ppm')}
          value={draft.roomCo2Ppm}
          range={PLAN_RANGE.roomCo2Ppm}
          usual={[400, 2000]}
          unit="ppm"
          assumed="roomCo2Ppm"
          onChange={(value) => set('roomCo2Ppm', value)}
          onCommit={onCommit}
        />
      </Grid>
    </Group>
  )
}

function GroundFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const layer = draft.layers[0]
  const depth = (name: 'frontCm' | 'backCm') =>
    layer && (
      <NumberField
        {...field(name)}
        value={layer[name]}
        range={PLAN_RANGE.layerCm}
        usual={[1, 20]}
        dimension="length"
        assumed={name}
        onChange={(value) =>
          set(
            'layers',
            form.now().layers.map((entry, index) => (index === 0 ? { ...entry, [name]: value } : entry)),
          )
        }
        onCommit={onCommit}
      />
    )
  const piecesOf = (pieces: Plan['hardscape'], isWood: boolean): Plan['hardscape'] =>
    pieces.filter(({ material }) => material.endsWith('wood') === isWood)
  /** Pieces that were drawn one by one are weighed one by one, on their own sheet. */
  const isDrawn = (isWood: boolean): boolean =>
    piecesOf(draft.hardscape, isWood).length > 1 || piecesOf(draft.hardscape, isWood).some(({ outline }) => outline !== null)
  const massOf = (isWood: boolean): number | null => {
    const [piece] = piecesOf(draft.hardscape, isWood)
    return piece === undefined ? 0 : pieceMassKg(piece).massKg
  }
  const setMass = (isWood: boolean, massKg: number | null): void => {
    const now = form.now().hardscape
    const others = piecesOf(now, !isWood)
    const [piece] = piecesOf(now, isWood)
    set(
      'hardscape',
      massKg === 0
        ? others
        : [...others, { ...UNPLACED, id: isWood ? 'wood' : 'stones', material: isWood ? 'wood' : 'granite', ...piece, massKg }],
    )
  }
  const hasWood = draft.hardscape.some((piece) => piece.material.endsWith('wood'))
  return (
    <Group number={3} title={enDescribe.section.ground}>
      <Choice
        {...field('ground')}
        value={layer?.ground ?? 'none'}
        options={options<GroundKind | 'none'>([...GROUND_KINDS, 'none'], enGroundKind)}
        onChange={(ground) => {
          set(
            'layers',
            ground === null || ground === 'none'
              ? []
              : [{ id: 'g1', frontCm: null, backCm: null, product: null, ...form.now().layers[0], ground }],
          )
          onCommit()
        }}
      />
      <Box sx={{ mt: 1 }}>
        <Grid>
          {depth('frontCm')}
          {depth('backCm')}
          {!isDrawn(false) && (
            <NumberField
              {...field('stonesKg')}
              value={massOf(false)}
              range={PLAN_RANGE.massKg}
              usual={[0, 80]}
              dimension="mass"
              assumed="massKg"
              onChange={(value) => setMass(false, value)}
              onCommit={onCommit}
            />
          )}
          {!isDrawn(true) && (
            <NumberField
              {...field('woodKg')}
              value={massOf(true)}
              range={PLAN_RANGE.massKg}
              usual={[0, 30]}
              dimension="mass"
              assumed="massKg"
              onChange={(value) => setMass(true, value)}
              onCommit={onCommit}
            />
          )}
          {hasWood && (
            <Choice
              {...field('isStaining')}
              value={draft.hardscape.some((piece) => piece.material === 'staining-wood') ? 'yes' : 'no'}
              options={yesNo}
              onChange={(answer) => {
                set(
                  'hardscape',
                  form
                    .now()
                    .hardscape.map((piece) =>
                      piece.material.endsWith('wood') ? { ...piece, material: answer === 'yes' ? 'staining-wood' : 'wood' } : piece,
                    ),
                )
                onCommit()
              }}
            />
          )}
        </Grid>
      </Box>
    </Group>
  )
}

function PlantFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const change = (kind: PlantKind, part: Partial<Plan['patches'][number]>): void => {
    const patches = form.now().patches
    const found = patches.find((patch) => patch.kind === kind)
    const next = { ...(found ?? { id: kind, kind, footFraction: 0, density: null, pots: null }), ...part }
    set(
      'patches',
      found ? patches.map((patch) => (patch === found ? next : patch)).filter((patch) => patch.footFraction !== 0) : [...patches, next],
    )
  }
  return (
    <Group number={4} title={enDescribe.section.plants}>
      {PLANT_KINDS.map((kind) => {
        const patch = draft.patches.find((candidate) => candidate.kind === kind)
        return (
          <Box
            key={kind}
            role="group"
            aria-label={enPlantKind[kind]}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', sm: '112px minmax(0,1fr) 70px' },
              columnGap: 1.5,
              alignItems: 'start',
              pb: 0.5,
            }}
          >
            <NumberField
              {...field('footFraction')}
              label={enPlantKind[kind] ?? kind}
              value={patch === undefined ? 0 : patch.footFraction}
              range={PLAN_RANGE.footFraction}
              unit="%"
              scale={100}
              onChange={(footFraction) => change(kind, { footFraction })}
              onCommit={onCommit}
            />
            {patch !== undefined && (
              <>
                <Choice
                  {...field('density')}
                  value={patch.density}
                  canBeUnknown
                  options={options(DENSITIES, enDensity)}
                  onChange={(density) => {
                    change(kind, { density, pots: null })
                    onCommit()
                  }}
                />
                <NumberField
                  {...field('pots')}
                  value={patch.pots}
                  range={PLAN_RANGE.pots}
                  onChange={(pots) => change(kind, { pots })}
                  onCommit={onCommit}
                />
              </>
            )}
          </Box>
        )
      })}
    </Group>
  )
}

function LightFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const lamp = draft.lamps[0] ?? { id: 'l1', fluxUmolPerS: null, watts: null, lengthCm: null, aboveWaterCm: null, dimFraction: null }
  const change = (part: Partial<Plan['lamps'][number]>): void =>
    set('lamps', [{ ...(form.now().lamps[0] ?? lamp), ...part }, ...form.now().lamps.slice(1)])
  return (
    <Group number={5} title={enDescribe.section.light}>
      <Grid>
        <NumberField
          {...field('watts')}
          value={lamp.watts}
          range={PLAN_RANGE.watts}
          usual={[4, 400]}
          unit="W"
          onChange={(watts) => change({ watts })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('fluxUmolPerS')}
          value={lamp.fluxUmolPerS}
          range={PLAN_RANGE.fluxUmolPerS}
          usual={[8, 800]}
          unit="µmol/s"
          onChange={(fluxUmolPerS) => change({ fluxUmolPerS })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('lampLengthCm')}
          value={lamp.lengthCm}
          range={PLAN_RANGE.lampLengthCm}
          usual={[8, 200]}
          dimension="length"
          onChange={(lengthCm) => change({ lengthCm })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('aboveWaterCm')}
          value={lamp.aboveWaterCm}
          range={PLAN_RANGE.aboveWaterCm}
          usual={[2, 50]}
          dimension="length"
          assumed="aboveWaterCm"
          onChange={(aboveWaterCm) => change({ aboveWaterCm })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('dimFraction')}
          value={lamp.dimFraction}
          range={PLAN_RANGE.dimFraction}
          unit="%"
          scale={100}
          onChange={(dimFraction) => change({ dimFraction })}
          onCommit={onCommit}
        />
        <WindowFields form={form} onCommit={onCommit} />
      </Grid>
    </Group>
  )
}

function WindowFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const window = draft.lightWindows[0] ?? { id: 't1', on: '12:00', hours: 0, rampMin: 0 }
  const change = (part: Partial<Plan['lightWindows'][number]>): void =>
    set('lightWindows', [{ ...(form.now().lightWindows[0] ?? window), ...part }, ...form.now().lightWindows.slice(1)])
  return (
    <>
      <TextField
        {...textField('on')}
        type="time"
        value={window.on}
        onChange={(event) => event.target.value !== '' && change({ on: event.target.value })}
        onBlur={onCommit}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <NumberField
        {...field('hours')}
        value={window.hours}
        range={PLAN_RANGE.hours}
        usual={[4, 12]}
        unit="h"
        canBeUnknown={false}
        onChange={(hours) =>
          change({
            hours: hours ?? NaN,
            rampMin: Math.min(window.rampMin, Number.isNaN(hours ?? NaN) ? window.rampMin : (hours ?? 0) * 30),
          })
        }
        onCommit={onCommit}
      />
      <NumberField
        {...field('rampMin')}
        value={window.rampMin}
        range={[0, Math.min(PLAN_RANGE.rampMin[1], Number.isNaN(window.hours) ? 240 : window.hours * 30)]}
        unit="min"
        canBeUnknown={false}
        onChange={(rampMin) => change({ rampMin: rampMin ?? NaN })}
        onCommit={onCommit}
      />
    </>
  )
}

function GasFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const line = draft.gasLines[0] ?? {
    id: 'c1',
    control: 'none' as const,
    bubblesPerS: null,
    bubbleMl: null,
    linePressureBar: null,
    beforeLightMin: 90,
    beforeDarkMin: 60,
    limitMgPerL: null,
  }
  const change = (part: Partial<Plan['gasLines'][number]>): void =>
    set('gasLines', [{ ...(form.now().gasLines[0] ?? line), ...part }, ...form.now().gasLines.slice(1)])
  return (
    <Group number={6} title={enDescribe.section.gas}>
      <Choice
        {...field('control')}
        value={line.control}
        options={options(GAS_CONTROLS, enGasControl)}
        onChange={(control) => {
          change({ control: control ?? 'none' })
          onCommit()
        }}
      />
      {line.control !== 'none' && (
        <Box sx={{ mt: 1 }}>
          <Grid>
            <NumberField
              {...field('bubblesPerS')}
              value={line.bubblesPerS}
              range={PLAN_RANGE.bubblesPerS}
              usual={[0.2, 10]}
              unit="1/s"
              onChange={(bubblesPerS) => change({ bubblesPerS })}
              onCommit={onCommit}
            />
            <NumberField
              {...field('bubbleMl')}
              value={line.bubbleMl}
              range={PLAN_RANGE.bubbleMl}
              unit="mL"
              assumed="bubbleMl"
              onChange={(bubbleMl) => change({ bubbleMl })}
              onCommit={onCommit}
            />
            <NumberField
              {...field('linePressureBar')}
              value={line.linePressureBar}
              range={PLAN_RANGE.linePressureBar}
              unit="bar"
              assumed="linePressureBar"
              onChange={(linePressureBar) => change({ linePressureBar })}
              onCommit={onCommit}
            />
            <NumberField
              {...field('beforeLightMin')}
              value={line.beforeLightMin}
              range={PLAN_RANGE.gasLeadMin}
              unit="min"
              canBeUnknown={false}
              onChange={(value) => change({ beforeLightMin: value ?? NaN })}
              onCommit={onCommit}
            />
            <NumberField
              {...field('beforeDarkMin')}
              value={line.beforeDarkMin}
              range={PLAN_RANGE.gasLeadMin}
              unit="min"
              canBeUnknown={false}
              onChange={(value) => change({ beforeDarkMin: value ?? NaN })}
              onCommit={onCommit}
            />
            {line.control === 'controller' && (
              <NumberField
                {...field('limitMgPerL')}
                value={line.limitMgPerL}
                range={PLAN_RANGE.gasLimitMgPerL}
                usual={[10, 40]}
                unit="mg/L"
                onChange={(limitMgPerL) => change({ limitMgPerL })}
                onCommit={onCommit}
              />
            )}
          </Grid>
        </Box>
      )}
    </Group>
  )
}

function FlowFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const choose = <K extends keyof Plan['flow']>(name: K, value: Plan['flow'][K]): void => {
    set('flow', { ...form.now().flow, [name]: value })
    onCommit()
  }
  return (
    <Group number={7} title={enDescribe.section.flow}>
      <Grid min={230}>
        <Choice
          {...field('surface')}
          value={draft.flow.surface}
          canBeUnknown
          options={options(SURFACES, enSurface)}
          onChange={(surface) => choose('surface', surface)}
        />
        <Choice
          {...field('filter')}
          value={draft.flow.filter}
          canBeUnknown
          options={options(FILTER_STATES, enFilterState)}
          onChange={(filter) => choose('filter', filter)}
        />
        <Choice
          {...field('hasSkimmer')}
          value={draft.flow.hasSkimmer ? 'yes' : 'no'}
          options={yesNo}
          onChange={(answer) => choose('hasSkimmer', answer === 'yes')}
        />
        <NumberField
          {...field('turnoverPerH')}
          value={draft.flow.turnoverPerH}
          range={PLAN_RANGE.turnoverPerH}
          usual={[2, 15]}
          unit="1/h"
          assumed="turnoverPerH"
          onChange={(value) => set('flow', { ...form.now().flow, turnoverPerH: value })}
          onCommit={onCommit}
        />
      </Grid>
    </Group>
  )
}

function CareFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const change = (part: Partial<Plan['changes']>): void => set('changes', { ...form.now().changes, ...part })
  return (
    <Group number={8} title={enDescribe.section.care}>
      <Grid>
        <TextField
          select
          {...textField('feeding')}
          value={draft.feeding}
          onChange={(event) => {
            set('feeding', event.target.value as Plan['feeding']) // the menu lists the schools
            onCommit()
          }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {FEEDING_SCHOOLS.map((school) => (
            <MenuItem key={school} value={school}>
              {enSchool[school]}
            </MenuItem>
          ))}
        </TextField>
        <NumberField
          {...field('changeFraction')}
          value={draft.changes.fraction}
          range={PLAN_RANGE.changeFraction}
          unit="%"
          scale={100}
          canBeUnknown={false}
          onChange={(value) => change({ fraction: value ?? NaN })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('everyDays')}
          value={draft.changes.everyDays}
          range={PLAN_RANGE.everyDays}
          unit="d"
          canBeUnknown={false}
          onChange={(value) => change({ everyDays: value === null ? NaN : Math.round(value) })}
          onCommit={onCommit}
        />
      </Grid>
      <Box sx={{ mt: 1 }}>
        <Grid min={200}>
          <Choice
            {...field('firstWeeksMore')}
            value={draft.changes.firstWeeksMore ? 'yes' : 'no'}
            options={yesNo}
            onChange={(answer) => {
              change({ firstWeeksMore: answer === 'yes' })
              onCommit()
            }}
          />
          <Choice
            {...field('isTrimmed')}
            value={draft.isTrimmed ? 'yes' : 'no'}
            options={yesNo}
            onChange={(answer) => {
              set('isTrimmed', answer === 'yes')
              onCommit()
            }}
          />
        </Grid>
      </Box>
    </Group>
  )
}

function AnimalFields({ form, onCommit }: FieldsProps) {
  const { draft, set } = form
  const change = (part: Partial<Plan['animals']>): void => set('animals', { ...form.now().animals, ...part })
  const day = (value: number | null): number => (value === null ? NaN : Math.round(value))
  return (
    <Group number={9} title={enDescribe.section.animals}>
      <Grid>
        <NumberField
          {...field('foodGPerDay')}
          value={draft.animals.foodGPerDay}
          range={PLAN_RANGE.foodGPerDay}
          usual={[0, 5]}
          unit="g"
          onChange={(foodGPerDay) => change({ foodGPerDay })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('fishFromDay')}
          value={draft.animals.fishFromDay}
          range={PLAN_RANGE.day}
          canBeUnknown={false}
          onChange={(value) => change({ fishFromDay: day(value) })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('grazers')}
          value={draft.animals.grazers}
          range={PLAN_RANGE.grazers}
          usual={[0, 60]}
          onChange={(grazers) => change({ grazers })}
          onCommit={onCommit}
        />
        <NumberField
          {...field('grazersFromDay')}
          value={draft.animals.grazersFromDay}
          range={PLAN_RANGE.day}
          canBeUnknown={false}
          onChange={(value) => change({ grazersFromDay: day(value) })}
          onCommit={onCommit}
        />
      </Grid>
    </Group>
  )
}
