import { lightWords } from '@jovrin/contract'
import { changeLamp, moveLamp, raiseLamp, type Spot } from '@jovrin/core'
import { Box } from '@mui/material'
import { useCallback, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Measured } from '../../../../drawing/Measured.js'
import { Choice } from '../../../../ui/Choice.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { useFindings, useMarginDesk, type Desk } from '../../desk.js'
import { FindingsList } from '../../FindingsList.js'
import { SheetFrame } from '../../SheetFrame.js'
import { HoursPanel } from './HoursPanel.js'
import { LampsPanel } from './LampsPanel.js'
import { LevelKey } from './LevelKey.js'
import { LightCut } from './LightCut.js'
import { LightMap } from './LightMap.js'
import { lookedOf, SHADES, viewOf, WATERS } from './lightView.js'
import { MapFigures } from './MapFigures.js'
import { PatchesPanel } from './PatchesPanel.js'
import { ReadingsPanel } from './ReadingsPanel.js'
import { HeldMap, useHeldLamps } from './SideBySide.js'
import { useLightPicture } from './useLightPicture.js'

const PARTS = ['patches', 'lamps', 'readings', 'hours'] as const
const MAP_HEIGHT_PX = 320
const CUT_HEIGHT_PX = 330

/** Light where the plants stand: the field from above and in cuts, the lamps that make it, what was read, and the hours. */
export function LightSheet({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const { plan, figures, change } = desk
  const { inner } = figures
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const [marginDesk, onStep] = useMarginDesk(desk)
  const findings = useFindings(marginDesk)
  const looked = lookedOf(search)
  const { shade, water, heightCm } = looked
  const view = useMemo(() => viewOf({ shade, water, heightCm }), [shade, water, heightCm])
  const isHeld = marginDesk !== desk
  const { picture } = useLightPicture(plan, view, isHeld)
  const part = PARTS.find((one) => one === search.get('part')) ?? 'patches'
  const chosenLamp = search.get('lamp')
  const held = useHeldLamps(desk.tankId)
  const [probe, setProbe] = useState<Spot>({ xCm: inner.lengthCm / 2, yCm: inner.widthCm / 2 })
  const moveProbe = useCallback(
    ({ xCm, yCm }: Spot): void =>
      setProbe({ xCm: Math.min(Math.max(xCm, 0), inner.lengthCm), yCm: Math.min(Math.max(yCm, 0), inner.widthCm) }),
    [inner.lengthCm, inner.widthCm],
  )
  const onRaise = useCallback(
    (id: string, cm: number, isFinal = true): void => {
      onStep(isFinal)
      change((now) => raiseLamp(now, id, cm), isFinal)
    },
    [change, onStep],
  )
  const onMove = useCallback(
    (id: string, to: Spot, isFinal: boolean): void => {
      onStep(isFinal)
      change((now) => moveLamp(now, id, to, inner), isFinal)
    },
    [change, onStep, inner],
  )
  const map = (width: number, description: string) => (
    <LightMap
      plan={plan}
      figures={figures}
      view={view}
      picture={picture}
      width={width}
      mostHeight={MAP_HEIGHT_PX}
      description={description}
      probe={probe}
      onProbe={moveProbe}
      chosenLamp={chosenLamp}
      onLamp={(id) => setParam('lamp', id)}
      onMoveLamp={onMove}
      onRaiseLamp={onRaise}
    />
  )
  return (
    <SheetFrame
      drawing={
        <>
          <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
            <Choice
              label={lightWords.height}
              why={lightWords.heightWhy}
              value={heightCm === null ? 'ground' : 'plane'}
              options={[
                ['ground', lightWords.ground],
                ['plane', lightWords.atHeight],
              ]}
              onChange={(next) => setParam('height', next === 'plane' ? String(Math.round(inner.waterDepthCm / 2)) : null)}
            />
            {heightCm !== null && (
              <Box sx={{ width: 96 }}>
                <NumberField
                  label={lightWords.planeHeight}
                  why={lightWords.heightWhy}
                  dimension="length"
                  value={heightCm}
                  range={[0, Math.floor(inner.waterDepthCm)]}
                  canBeUnknown={false}
                  onChange={(cm) => cm !== null && setParam('height', String(cm))}
                />
              </Box>
            )}
            <Choice
              label={lightWords.shade}
              why={lightWords.shadeWhy}
              value={shade}
              options={SHADES.map((one) => [one, lightWords.shades[one]] as const)}
              onChange={(next) => setParam('plants', next === 'bare' ? null : next)}
            />
            <Choice
              label={lightWords.water}
              why={lightWords.waterWhy}
              value={water}
              options={WATERS.map((one) => [one, lightWords.waters[one]] as const)}
              onChange={(next) => setParam('water', next === 'clear' ? null : next)}
            />
          </Box>
          <Measured usual={780}>
            {(width) =>
              held.lamps === null ? (
                map(width, lightWords.planDescription(plan.name))
              ) : (
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
                  <HeldMap desk={desk} lamps={held.lamps} view={view} width={width / 2 - 8} mostHeight={MAP_HEIGHT_PX} />
                  <div>
                    <Box className="lettering" sx={{ fontSize: 14 }}>
                      {lightWords.sideB}
                    </Box>
                    {map(width / 2 - 8, lightWords.planDescription(plan.name))}
                  </div>
                </Box>
              )
            }
          </Measured>
          <LevelKey />
          <MapFigures desk={desk} view={view} picture={picture} />
          <Measured usual={780}>
            {(width) => (
              <LightCut
                plan={plan}
                figures={figures}
                width={width}
                mostHeight={CUT_HEIGHT_PX}
                at={probe}
                onRaise={onRaise}
                onTilt={(id, tiltDeg) => change((now) => changeLamp(now, id, { tiltDeg }))}
              />
            )}
          </Measured>
          <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="light" />
        </>
      }
      margin={
        <>
          <Choice
            label={lightWords.part}
            why={lightWords.partWhy}
            value={part}
            options={PARTS.map((one) => [one, lightWords.parts[one]] as const)}
            onChange={(next) => setParam('part', next === 'patches' ? null : next)}
          />
          {part === 'patches' && <PatchesPanel desk={marginDesk} looked={looked} isHeld={isHeld} />}
          {part === 'lamps' && <LampsPanel desk={marginDesk} held={held} />}
          {part === 'readings' && <ReadingsPanel desk={marginDesk} probe={probe} heightCm={heightCm} />}
          {part === 'hours' && <HoursPanel desk={marginDesk} age={age} />}
        </>
      }
    />
  )
}
