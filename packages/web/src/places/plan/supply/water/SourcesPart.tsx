import { sourceKindWords, waterSheetWords } from '@jovrin/contract'
import { mixOf, SOURCE_KINDS, UNKNOWN_SOURCE, withShare, type WaterSource } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { localId } from '../../../../api/localId.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { percent } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import { ReportsTable } from './ReportsTable.js'
import { sourceName } from '../../../shared/water/sourceName.js'

const MOST_SOURCES = 8
const NAME_MOST = 60
const HELD = [
  'alkalinityMeqPerL',
  'hardnessMmolPerL',
  'calciumMgPerL',
  'magnesiumMgPerL',
  'nitrateMgNPerL',
  'phosphateMgPPerL',
  'sodiumMgPerL',
  'potassiumMgPerL',
  'silicaMgSiPerL',
  'copperMgPerL',
  'pH',
  'conductivityUsPerCm',
  'temperatureC',
] as const

/** All waters that a tank is changed with: what each holds, and how much of it is taken. */
export function SourcesPart({ desk }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const { plan, change } = desk
  const own = desk.form.draft.sources
  const add = (): void =>
    change((now) => ({
      ...now,
      sources: [...now.sources, { ...UNKNOWN_SOURCE, id: localId('w'), part: now.sources.length === 0 ? 1 : 0, kind: unused(now.sources) }],
    }))
  return (
    <>
      <section aria-labelledby="water-sources">
        <Heading id="water-sources">{text.sources}</Heading>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button disabled={own.length >= MOST_SOURCES} onClick={add}>
            {text.addSource}
          </Button>
        </Box>
      </section>
      {own.map((source, place) => (
        <OneSource key={source.id} desk={desk} source={source} place={place} />
      ))}
      <section aria-labelledby="water-purified">
        <Heading id="water-purified">{text.purifiedTitle}</Heading>
        <Grid min={130}>
          <PlanField path="logistics/purifiedFraction" />
          {(plan.logistics.purifiedFraction ?? 0) > 0 && (
            <>
              <PlanField path="logistics/purifierLPerDay" />
              <PlanField path="logistics/barrelL" />
              <PlanField path="logistics/wastePerL" />
            </>
          )}
        </Grid>
      </section>
    </>
  )
}

/** A kind that is not there yet. */
const unused = (sources: readonly WaterSource[]): WaterSource['kind'] =>
  SOURCE_KINDS.find((kind) => !sources.some((source) => source.kind === kind)) ?? 'mains'

function OneSource({ desk, source, place }: { readonly desk: Desk; readonly source: WaterSource; readonly place: number }) {
  const text = waterSheetWords
  const { plan, change } = desk
  const heading = `water-${source.id}`
  const set = (part: Partial<WaterSource>): void =>
    change((now) => ({ ...now, sources: now.sources.map((one) => (one.id === source.id ? { ...one, ...part } : one)) }))
  const mixed = mixOf(plan)
  const share = mixed.sources.find((one) => one.source?.id === source.id)?.share ?? 0
  const ofRest = mixed.purified < 1 ? share / (1 - mixed.purified) : 0
  const isSeveral = plan.sources.length > 1
  return (
    <section aria-labelledby={heading}>
      <Heading id={heading}>
        {`${sourceName(source)}, ${percent(share)} %`}
        {isSeveral && (
          <Button
            variant="text"
            sx={{ minWidth: 26, p: 0, ml: 'auto' }}
            aria-label={text.removeSource(sourceName(source))}
            onClick={() => change((now) => ({ ...now, sources: now.sources.filter(({ id }) => id !== source.id) }))}
          >
            <RemoveIcon />
          </Button>
        )}
      </Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Grid min={150}>
          <TextField
            key={source.name}
            label={text.name}
            defaultValue={source.name}
            placeholder={sourceKindWords[source.kind]}
            onBlur={(event) => event.target.value.trim() !== source.name && set({ name: event.target.value.trim() })}
            onKeyDown={(event) => event.key === 'Enter' && (event.target as HTMLInputElement).blur()} // the field's own input
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: NAME_MOST } }}
          />
          {isSeveral && (
            <PlanField
              path="sources/*/part"
              item={source}
              label={text.share}
              value={ofRest}
              onChange={(next) => next !== null && change((now) => ({ ...now, sources: withShare(now.sources, source.id, next) }), false)}
            />
          )}
        </Grid>
        <PlanChoice path="sources/*/kind" item={source} />
        {text.cautions[source.kind] !== '' && <div>{text.cautions[source.kind]}</div>}
        <Grid min={130}>
          {HELD.map((held) => (
            <PlanField key={held} path={`sources/*/${held}`} item={source} label={text.labels[held]} />
          ))}
        </Grid>
        <PlanChoice path="sources/*/disinfectant" item={source} />
        <details open={source.reports.length > 0 && place === 0}>
          <summary>{text.reports}</summary>
          <ReportsTable source={source} set={set} />
        </details>
      </Box>
    </section>
  )
}
