import {
  animalsWords,
  describeWords,
  fieldWords,
  groundKindWords,
  plantKindWords,
  questionWords,
  refusedWords,
  schoolWords,
} from '@jovrin/contract'
import {
  FEEDING_SCHOOLS,
  type GasLine,
  GROUND_KINDS,
  type GroundKind,
  type Lamp,
  type LightWindow,
  longestRampMin,
  MATERIAL,
  numberField,
  type Patch,
  pieceMassKg,
  type Plan,
  mappedKinds,
  PLANT_KINDS,
  type PlantKind,
  SOME_FISH,
  SOME_GRAZERS,
  UNKNOWN_LAMP,
  UNKNOWN_SOURCE,
  UNPLACED,
  UNTUNED_LINE,
} from '@jovrin/core'
import { Autocomplete, Box, Button, MenuItem, TextField } from '@mui/material'
import { localId } from '../../../api/localId.js'
import { Choice } from '../../../ui/Choice.js'
import { DateField, TimeField } from '../../../ui/dates/DateField.js'
import { NumberField } from '../../../ui/NumberField.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { Group, Grid } from '../../../ui/QuestionGroup.js'
import { usePen } from '../pen.js'
import { PlanChoice, PlanField, PlanFlag } from '../PlanField.js'

/** The questions about a tank, in the order of the work. Every number takes "don't know": leave it empty. */
export const PlanFields = () => (
  <Box sx={{ display: 'grid', gap: 2 }}>
    <VesselFields />
    <WaterFields />
    <GroundFields />
    <PlantFields />
    <LightFields />
    <GasFields />
    <FlowFields />
    <CareFields />
    <AnimalFields />
  </Box>
)

const pickedField = (path: 'startedOn' | 'lightWindows/*/on') => ({
  label: fieldWords[path][0],
  title: fieldWords[path][1],
  question: path,
})

const textField = (path: 'name' | 'timeZone' | 'feeding') => ({
  label: fieldWords[path][0],
  title: fieldWords[path][1],
  'data-question': path,
})

function VesselFields() {
  const { form, commit } = usePen()
  const { draft, set } = form
  return (
    <Group number={1} title={describeWords.section.glass}>
      <Grid>
        <TextField
          {...textField('name')}
          value={draft.name}
          onChange={(event) => set('name', event.target.value)}
          onBlur={() => commit()}
          error={draft.name.trim() === ''}
          helperText={draft.name.trim() === '' ? refusedWords.tooShort(fieldWords.name[0], '1') : ''}
          slotProps={{ htmlInput: { maxLength: 80 }, inputLabel: { shrink: true } }}
        />
        <DateField
          {...pickedField('startedOn')}
          value={draft.startedOn}
          onChange={(day) => day !== '' && set('startedOn', day)}
          onCommit={commit}
        />
        <ZoneField />
        <PlanField path="vessel/lengthCm" />
        <PlanField path="vessel/widthCm" />
        <PlanField path="vessel/heightCm" />
        <PlanField path="vessel/glassCm" />
        <PlanField path="vessel/freeboardCm" />
      </Grid>
    </Group>
  )
}

/** Where the tank stands: the clock that its jobs, lamps and log go by. */
function ZoneField() {
  const { form, commit } = usePen()
  return (
    <Autocomplete
      disableClearable
      options={TIME_ZONES}
      value={form.draft.timeZone}
      onChange={(_, zone) => {
        form.set('timeZone', zone)
        commit()
      }}
      renderInput={(params) => <TextField {...params} {...textField('timeZone')} />}
    />
  )
}
/** As the platform knows them; with UTC, which it leaves out. */
const TIME_ZONES = [...new Set([...Intl.supportedValuesOf('timeZone'), 'UTC'])]

function WaterFields() {
  const { draft } = usePen().form
  const source = draft.sources[0] ?? { id: 'tap', ...UNKNOWN_SOURCE }
  return (
    <Group number={2} title={describeWords.section.water}>
      <Grid>
        <PlanField path="temperatureC" />
        <PlanField path="sources/*/alkalinityMeqPerL" item={source} />
        <PlanField path="sources/*/hardnessMmolPerL" item={source} />
        <PlanField path="sources/*/nitrateMgNPerL" item={source} />
        <PlanField path="sources/*/phosphateMgPPerL" item={source} />
        <PlanField path="roomCo2Ppm" />
      </Grid>
    </Group>
  )
}

function GroundFields() {
  const { form, commit } = usePen()
  const { draft, set } = form
  const layer = draft.layers[0]
  const lay = (ground: GroundKind | 'none' | null): void => {
    const blank = { id: 'g1', frontCm: null, backCm: null, product: null }
    set('layers', ground === null || ground === 'none' ? [] : [{ ...blank, ...form.now().layers[0], ground }])
    commit()
  }
  return (
    <Group number={3} title={describeWords.section.ground}>
      <Choice
        question="layers/*/ground"
        label={fieldWords['layers/*/ground'][0]}
        why={fieldWords['layers/*/ground'][1]}
        value={layer?.ground ?? 'none'}
        options={([...GROUND_KINDS, 'none'] as const).map((kind) => [kind, groundKindWords[kind]] as const)}
        onChange={lay}
      />
      <Box sx={{ mt: 1 }}>
        <Grid>
          {layer && (
            <>
              <PlanField path="layers/*/frontCm" item={layer} />
              <PlanField path="layers/*/backCm" item={layer} />
            </>
          )}
          <MassField isWood={false} />
          <MassField isWood />
          <StainField />
        </Grid>
      </Box>
    </Group>
  )
}

const piecesOf = (pieces: Plan['hardscape'], isWood: boolean): Plan['hardscape'] =>
  pieces.filter(({ material }) => MATERIAL[material].isWood === isWood)

/** All stones, or all wood, as one mass. Pieces that were drawn one by one are weighed one by one, on their own sheet. */
function MassField({ isWood }: { isWood: boolean }) {
  const { form, commit } = usePen()
  const pieces = piecesOf(form.draft.hardscape, isWood)
  const [piece] = pieces
  if (pieces.length > 1 || pieces.some(({ outline }) => outline !== null)) return null
  const id = piece?.id ?? (isWood ? 'wood' : 'stones')
  const pointer = `/hardscape/${id}/massKg`
  const setMass = (massKg: number | null): void => {
    const now = form.now().hardscape
    const others = piecesOf(now, !isWood)
    const blank = { ...UNPLACED, id, material: isWood ? 'wood' : 'granite' } as const
    form.set('hardscape', massKg === 0 ? others : [...others, { ...blank, ...piecesOf(now, isWood)[0], massKg }])
  }
  const { dimension, range, usual, unknown } = numberField('hardscape/*/massKg')
  const [label, why] = questionWords[isWood ? 'wood' : 'stones']
  return (
    <NumberField
      question={isWood ? 'wood' : 'stones'}
      label={label}
      why={why}
      dimension={dimension}
      range={range}
      value={piece === undefined ? 0 : pieceMassKg(piece).massKg}
      text={form.texts[pointer] ?? null}
      onText={(text) => form.write(pointer, text)}
      onChange={setMass}
      onCommit={commit}
      {...(usual ? { usual } : {})}
      {...(unknown ? { unknown } : {})}
    />
  )
}

function StainField() {
  const { form, commit } = usePen()
  const wood = piecesOf(form.draft.hardscape, true)
  if (wood.length === 0) return null
  const stain = (isStaining: boolean): void => {
    form.set(
      'hardscape',
      form
        .now()
        .hardscape.map((piece) =>
          MATERIAL[piece.material].isWood ? { ...piece, material: isStaining ? ('staining-wood' as const) : ('wood' as const) } : piece,
        ),
    )
    commit()
  }
  return (
    <Choice
      question="isStaining"
      label={questionWords.isStaining[0]}
      why={questionWords.isStaining[1]}
      value={wood.some(({ material }) => material === 'staining-wood') ? 'yes' : 'no'}
      options={[
        ['yes', describeWords.yes],
        ['no', describeWords.no],
      ]}
      onChange={(answer) => stain(answer === 'yes')}
    />
  )
}

function PlantFields() {
  const { form } = usePen()
  const { draft, set } = form
  const mapped = mappedKinds(form.valid)
  /** A share of nothing takes the kind out. */
  const setShare = (kind: PlantKind, footFraction: number | null): void => {
    const patches = form.now().patches
    const found = patches.find((patch) => patch.kind === kind)
    if (found === undefined) set('patches', [...patches, { id: kind, kind, footFraction, density: null, pots: null }])
    else if (footFraction === 0)
      set(
        'patches',
        patches.filter((patch) => patch !== found),
      )
    else
      set(
        'patches',
        patches.map((patch) => (patch === found ? { ...patch, footFraction } : patch)),
      )
  }
  return (
    <Group number={4} title={describeWords.section.plants}>
      {PLANT_KINDS.map((kind) => {
        if (mapped.has(kind))
          return (
            <Box key={kind} sx={{ pb: 1 }}>
              {describeWords.fromMap(plantKindWords[kind])}
            </Box>
          )
        const patch = draft.patches.find((candidate) => candidate.kind === kind)
        return (
          <Box
            key={kind}
            role="group"
            aria-label={plantKindWords[kind]}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', sm: '112px minmax(0,1fr) 70px' },
              columnGap: 1.5,
              alignItems: 'start',
              pb: 1.25,
            }}
          >
            <PlanField
              path="patches/*/footFraction"
              of={[patch?.id ?? kind]}
              label={plantKindWords[kind]}
              value={patch === undefined ? 0 : patch.footFraction}
              onChange={(share) => setShare(kind, share)}
            />
            {patch !== undefined && <AmountFields patch={patch} />}
          </Box>
        )
      })}
    </Group>
  )
}

/** How much of a kind: as a density, or in pots, which go before it. */
const AmountFields = ({ patch }: { patch: Patch }) => (
  <>
    <PlanChoice path="patches/*/density" item={patch} />
    <PlanField path="patches/*/pots" item={patch} />
  </>
)

const FIRST_LAMP: Lamp = { id: 'l1', ...UNKNOWN_LAMP }
const FIRST_WINDOW: LightWindow = { id: 't1', on: '12:00', hours: 0, rampMin: 0 }
const FIRST_LINE: GasLine = { id: 'c1', ...UNTUNED_LINE, control: 'none' }

function LightFields() {
  const lamp = usePen().form.draft.lamps[0] ?? FIRST_LAMP
  return (
    <Group number={5} title={describeWords.section.light}>
      <Grid>
        <PlanField path="lamps/*/watts" item={lamp} />
        <PlanField path="lamps/*/fluxUmolPerS" item={lamp} />
        <PlanField path="lamps/*/lengthCm" item={lamp} />
        <PlanField path="lamps/*/aboveWaterCm" item={lamp} />
        <PlanField path="lamps/*/dimFraction" item={lamp} />
        <WindowFields />
      </Grid>
    </Group>
  )
}

function WindowFields() {
  const { form, commit } = usePen()
  const window = form.draft.lightWindows[0] ?? FIRST_WINDOW
  const change = (part: Partial<LightWindow>): void => {
    const [first, ...rest] = form.now().lightWindows
    form.set('lightWindows', [{ ...(first ?? window), ...part }, ...rest])
  }
  return (
    <>
      <TimeField {...pickedField('lightWindows/*/on')} value={window.on} onChange={(on) => on !== '' && change({ on })} onCommit={commit} />
      <PlanField
        path="lightWindows/*/hours"
        item={window}
        onChange={(hours) => hours !== null && change({ hours, rampMin: Math.min(window.rampMin, longestRampMin(hours)) })}
      />
      <PlanField path="lightWindows/*/rampMin" item={window} range={[0, longestRampMin(window.hours)]} />
    </>
  )
}

function GasFields() {
  const line = usePen().form.draft.gasLines[0] ?? FIRST_LINE
  return (
    <Group number={6} title={describeWords.section.gas}>
      <PlanChoice path="gasLines/*/control" item={line} />
      {line.control !== 'none' && <PlanChoice path="gasLines/*/diffuser" item={line} />}
      {line.control !== 'none' && (
        <Box sx={{ mt: 1 }}>
          <Grid>
            <PlanField path="gasLines/*/bubblesPerS" item={line} />
            {line.bubblesPerS === null && <PlanField path="gasLines/*/peakMgPerL" item={line} />}
            <PlanField path="gasLines/*/bubbleMl" item={line} />
            <PlanField path="gasLines/*/linePressureBar" item={line} />
            <PlanField path="gasLines/*/beforeLightMin" item={line} />
            <PlanField path="gasLines/*/beforeDarkMin" item={line} />
            {line.control === 'controller' && <PlanField path="gasLines/*/limitMgPerL" item={line} />}
            <PlanField path="gasLines/*/cylinderKg" item={line} />
          </Grid>
        </Box>
      )}
    </Group>
  )
}

const FlowFields = () => (
  <Group number={7} title={describeWords.section.flow}>
    <Grid min={230}>
      <PlanChoice path="flow/surface" />
      <PlanChoice path="flow/filter" />
      <PlanFlag path="flow/hasSkimmer" />
      <PlanField path="flow/turnoverPerH" />
    </Grid>
  </Group>
)

function CareFields() {
  const { form, commit } = usePen()
  return (
    <Group number={8} title={describeWords.section.care}>
      <Grid>
        <TextField
          select
          {...textField('feeding')}
          value={form.draft.feeding}
          onChange={(event) => {
            form.set('feeding', event.target.value as Plan['feeding']) // the menu lists the schools
            commit()
          }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {FEEDING_SCHOOLS.map((school) => (
            <MenuItem key={school} value={school}>
              {schoolWords[school]}
            </MenuItem>
          ))}
        </TextField>
        <PlanField path="changes/fraction" />
        <PlanField path="changes/everyDays" />
      </Grid>
      <Box sx={{ mt: 1 }}>
        <Grid min={200}>
          <PlanChoice path="changes/firstWeeks" />
          <PlanFlag path="isTrimmed" />
        </Grid>
      </Box>
    </Group>
  )
}

/** Who lives here, as far as somebody who describes a tank can say at once: shrimps, fish, how many, since when. */
function AnimalFields() {
  const { form, commit } = usePen()
  const { groups } = form.draft.animals
  const keep = (next: typeof groups): void => {
    form.answer('/animals/groups', next)
    commit()
  }
  const nameOf = (species: string): string =>
    animalsWords.some[species] ?? form.draft.fauna.find(({ id }) => id === species)?.name ?? species
  return (
    <Group number={9} title={describeWords.section.animals}>
      {groups.map((group) => (
        <Box key={group.id} role="group" aria-label={nameOf(group.species)} sx={{ mb: 1 }}>
          <Box sx={{ display: 'flex', alignItems: 'baseline' }}>
            <Box sx={{ flexGrow: 1, fontSize: 14 }}>{nameOf(group.species)}</Box>
            <Button
              variant="text"
              sx={{ minWidth: 0, py: 0 }}
              aria-label={animalsWords.delete(nameOf(group.species))}
              onClick={() => keep(groups.filter(({ id }) => id !== group.id))}
            >
              <RemoveIcon />
            </Button>
          </Box>
          <Grid>
            <PlanField path="animals/groups/*/count" of={[group.id]} />
            <PlanField path="animals/groups/*/fromDay" of={[group.id]} />
          </Grid>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
        {UNNAMED.map(([species, text]) => (
          <Button
            key={species}
            variant="text"
            sx={{ px: 0, mr: 1 }}
            onClick={() => keep([...groups, { id: localId('a'), species, count: null, fromDay: 0, origin: '' }])}
          >
            {text}
          </Button>
        ))}
      </Box>
      <Grid>
        <PlanField path="animals/foodGPerDay" />
      </Grid>
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{animalsWords.namesLater}</Box>
    </Group>
  )
}
const UNNAMED = [
  [SOME_GRAZERS.id, animalsWords.addOf['some-grazers']],
  [SOME_FISH.id, animalsWords.addOf['some-fish']],
] as const
