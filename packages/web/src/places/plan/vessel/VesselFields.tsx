import { enDisinfectant, enField, enFloor, enStandRest, enTop, enVessel, PLAN_RANGE } from '@jovrin/contract'
import { DISINFECTANTS, FLOORS, STAND_RESTS, TOPS, UNKNOWN_SOURCE, type Level, type Plan, type WaterSource } from '@jovrin/core'
import { Box } from '@mui/material'
import { Choice } from '../../../ui/Choice.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import { decimals, significant } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

const CORNERS = ['backLeft', 'backRight', 'frontLeft', 'frontRight'] as const
const asked = (name: string): { label: string; why: string } => ({ label: enField[name]?.[0] ?? name, why: enField[name]?.[1] ?? '' })
const named = <T extends string>(values: readonly T[], names: Readonly<Record<T, string>>) =>
  values.map((value) => [value, names[value]] as const)

export function VesselFields({ desk, level }: { desk: Desk; level: Level | null }) {
  const { form, change, commit } = desk
  const { draft } = form
  const text = enVessel
  const vessel = (part: Partial<Plan['vessel']>, isFinal = false): void =>
    change((plan) => ({ ...plan, vessel: { ...plan.vessel, ...part } }), isFinal)
  const stand = (part: Partial<Plan['stand']>, isFinal = false): void =>
    change((plan) => ({ ...plan, stand: { ...plan.stand, ...part } }), isFinal)
  const room = (part: Partial<Plan['room']>): void => change((plan) => ({ ...plan, room: { ...plan.room, ...part } }), false)
  const source: WaterSource = draft.sources[0] ?? { id: 'tap', ...UNKNOWN_SOURCE }
  const water = (part: Partial<WaterSource>, isFinal = false): void =>
    change(
      (plan) => ({ ...plan, sources: [{ ...(plan.sources[0] ?? { id: 'tap', ...UNKNOWN_SOURCE }), ...part }, ...plan.sources.slice(1)] }),
      isFinal,
    )
  const size = (name: 'lengthCm' | 'widthCm' | 'heightCm' | 'glassCm' | 'freeboardCm', usual: readonly [number, number]) => (
    <NumberField
      {...asked(name)}
      value={draft.vessel[name]}
      range={PLAN_RANGE[name]}
      usual={usual}
      dimension="length"
      assumed={name}
      onChange={(value) => vessel({ [name]: value })}
      onCommit={commit}
    />
  )
  return (
    <>
      <Group number={1} title={text.glass}>
        <Grid min={104}>
          {size('lengthCm', [25, 200])}
          {size('widthCm', [18, 80])}
          {size('heightCm', [18, 70])}
          {size('glassCm', [0.3, 2])}
          {size('freeboardCm', [0, 10])}
        </Grid>
        <Choice
          label={text.top}
          why={text.topWhy}
          value={draft.vessel.top}
          options={named(TOPS, enTop)}
          canBeUnknown
          onChange={(top) => vessel({ top }, true)}
        />
      </Group>
      <Group number={2} title={text.stand}>
        <Grid min={104}>
          <NumberField
            label={text.standKg}
            why={text.standKgWhy}
            value={draft.stand.massKg}
            range={PLAN_RANGE.standKg}
            dimension="mass"
            onChange={(massKg) => stand({ massKg })}
            onCommit={commit}
          />
          <NumberField
            label={text.kitKg}
            why={text.kitKgWhy}
            value={draft.stand.kitMassKg}
            range={PLAN_RANGE.standKg}
            dimension="mass"
            onChange={(kitMassKg) => stand({ kitMassKg })}
            onCommit={commit}
          />
          {draft.stand.rests === 'feet' && (
            <>
              <NumberField
                label={text.feet}
                why={text.feetWhy}
                value={draft.stand.feet}
                range={PLAN_RANGE.feet}
                onChange={(feet) => stand({ feet: feet === null ? null : Math.round(feet) })}
                onCommit={commit}
              />
              <NumberField
                label={text.footArea}
                why={text.footAreaWhy}
                value={draft.stand.footAreaCm2}
                range={PLAN_RANGE.footAreaCm2}
                onChange={(footAreaCm2) => stand({ footAreaCm2 })}
                onCommit={commit}
              />
            </>
          )}
        </Grid>
        <Grid min={190}>
          <Choice
            label={text.rests}
            why={text.restsWhy}
            value={draft.stand.rests}
            options={named(STAND_RESTS, enStandRest)}
            canBeUnknown
            onChange={(rests) => stand({ rests }, true)}
          />
          <Choice
            label={text.floor}
            why={text.floorWhy}
            value={draft.stand.floor}
            options={named(FLOORS, enFloor)}
            canBeUnknown
            onChange={(floor) => stand({ floor }, true)}
          />
        </Grid>
      </Group>
      <Group number={3} title={text.level}>
        <Box sx={{ fontSize: 13, color: 'text.secondary', mb: 0.5 }}>{text.levelHint}</Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, maxWidth: 320 }}>
          {CORNERS.map((corner) => (
            <NumberField
              key={corner}
              label={text.corner[corner]}
              why={text.cornerWhy}
              value={draft.stand.cornersMm[corner]}
              range={PLAN_RANGE.cornerMm}
              usual={[-20, 20]}
              unit="mm"
              onChange={(mm) => stand({ cornersMm: { ...form.now().stand.cornersMm, [corner]: mm } })}
              onCommit={commit}
            />
          ))}
        </Box>
        <Box className="figures" role="status" sx={{ fontSize: 14 }}>
          {level === null
            ? text.enterCorners
            : `${text.levelTold(`${decimals(level.alongMm, 1)} mm`, `${decimals(level.acrossMm, 1)} mm`, `${decimals(level.twistMm, 1)} mm`)} ${shims(level)} ${text.lineOff(`${decimals(level.waterLineMm, 1)} mm`)}`}
        </Box>
      </Group>
      <Group number={4} title={text.room}>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', columnGap: 1.5, rowGap: 0.5 }}>
          {text.months.map((month, index) => (
            <NumberField
              key={month}
              label={month}
              why={text.monthWhy}
              value={draft.room.monthlyC[index] ?? null}
              range={PLAN_RANGE.roomC}
              usual={[12, 34]}
              dimension="temperature"
              onChange={(c) => room({ monthlyC: form.now().room.monthlyC.map((one, at) => (at === index ? c : one)) })}
              onCommit={commit}
            />
          ))}
          <NumberField
            label={text.humidity}
            why={text.humidityWhy}
            value={draft.room.humidityFraction}
            range={PLAN_RANGE.humidityFraction}
            unit="%"
            scale={100}
            onChange={(humidityFraction) => room({ humidityFraction })}
            onCommit={commit}
          />
          <NumberField
            label={text.sun}
            why={text.sunWhy}
            value={draft.room.sunHours}
            range={PLAN_RANGE.sunHours}
            unit="h"
            onChange={(sunHours) => room({ sunHours })}
            onCommit={commit}
          />
        </Box>
      </Group>
      <Group number={5} title={text.water}>
        <Box sx={{ fontSize: 13, color: 'text.secondary', mb: 0.5 }}>{text.waterHint}</Box>
        <Grid min={112}>
          <NumberField
            label={text.pH}
            why={text.pHWhy}
            value={source.pH}
            range={PLAN_RANGE.tapPh}
            usual={[6, 9]}
            onChange={(pH) => water({ pH })}
            onCommit={commit}
          />
          <NumberField
            {...asked('alkalinityMeqPerL')}
            value={source.alkalinityMeqPerL}
            range={PLAN_RANGE.alkalinityMeqPerL}
            usual={[0, 7]}
            dimension="alkalinity"
            assumed="alkalinityMeqPerL"
            onChange={(alkalinityMeqPerL) => water({ alkalinityMeqPerL })}
            onCommit={commit}
          />
          <NumberField
            {...asked('hardnessMmolPerL')}
            value={source.hardnessMmolPerL}
            range={PLAN_RANGE.hardnessMmolPerL}
            usual={[0, 4]}
            dimension="hardness"
            assumed="hardnessMmolPerL"
            onChange={(hardnessMmolPerL) => water({ hardnessMmolPerL })}
            onCommit={commit}
          />
          <NumberField
            label={text.calcium}
            why={text.hardWhy}
            value={source.calciumMgPerL}
            range={PLAN_RANGE.hardMgPerL}
            usual={[0, 160]}
            onChange={(calciumMgPerL) => water({ calciumMgPerL })}
            onCommit={commit}
          />
          <NumberField
            label={text.magnesium}
            why={text.hardWhy}
            value={source.magnesiumMgPerL}
            range={PLAN_RANGE.hardMgPerL}
            usual={[0, 50]}
            onChange={(magnesiumMgPerL) => water({ magnesiumMgPerL })}
            onCommit={commit}
          />
          <NumberField
            {...asked('nitrateMgNPerL')}
            value={source.nitrateMgNPerL}
            range={PLAN_RANGE.nitrateMgNPerL}
            usual={[0, 12]}
            dimension="nitrate"
            assumed="nitrateMgNPerL"
            onChange={(nitrateMgNPerL) => water({ nitrateMgNPerL })}
            onCommit={commit}
          />
          <NumberField
            {...asked('phosphateMgPPerL')}
            value={source.phosphateMgPPerL}
            range={PLAN_RANGE.phosphateMgPPerL}
            usual={[0, 2]}
            dimension="phosphate"
            assumed="phosphateMgPPerL"
            onChange={(phosphateMgPPerL) => water({ phosphateMgPPerL })}
            onCommit={commit}
          />
          <NumberField
            label={text.silica}
            why={text.silicaWhy}
            value={source.silicaMgSiPerL}
            range={PLAN_RANGE.silicaMgSiPerL}
            usual={[0, 14]}
            dimension="silica"
            onChange={(silicaMgSiPerL) => water({ silicaMgSiPerL })}
            onCommit={commit}
          />
        </Grid>
        <Choice
          label={text.disinfectant}
          why={text.disinfectantWhy}
          value={source.disinfectant}
          options={named(DISINFECTANTS, enDisinfectant)}
          canBeUnknown
          onChange={(disinfectant) => water({ disinfectant }, true)}
        />
      </Group>
    </>
  )
}

function shims(level: Level): string {
  const needed = CORNERS.filter((corner) => level.shimsMm[corner] > 0.25)
  return needed.length === 0
    ? enVessel.noShims
    : enVessel.shims(
        needed.map((corner) => `${enVessel.corner[corner].toLowerCase()} ${significant(level.shimsMm[corner], 2)} mm`).join(', '),
      )
}
