import { fixingWords, hardscapeWords, materialWords, planWords } from '@jovrin/contract'
import { localId } from '../../../api/localId.js'
import { PlanField } from '../PlanField.js'
import {
  buoyancyOf,
  type Composition,
  type CompositionRow,
  duplicatePiece,
  type Eye,
  type Fixing,
  FIXING_TIME,
  FIXINGS,
  FROM_COUCH,
  glassPressureKPa,
  HARDSCAPE_MATERIALS,
  type HardscapeMaterial,
  MATERIAL,
  mirrored,
  openComposition,
  openDisplaced,
  type OpenedSum,
  openWeights,
  type Piece,
  pieceMassKg,
  type PlacedPiece,
  placeUnplaced,
  removePiece,
  reorderPiece,
  scaled,
  turned,
  withDrawnProfile,
  withPiece,
} from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { memo, useState } from 'react'
import type { Overlay } from '../../../drawing/plan/PlanOverlays.js'
import { Choice } from '../../../ui/Choice.js'
import { Figure, type Explained } from '../../../ui/Figure.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import { percent, significant, useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { toldSum } from '../../shared/sum.text.js'
import { explainDepth, explainKind } from './explainComposition.js'
import type { ChosenOutline } from './FrontOfPieces.js'
import { PieceList } from './PieceList.js'

interface MarginProps {
  readonly desk: Desk
  readonly pieceId: string | null
  readonly composition: Composition
  readonly placed: readonly PlacedPiece[]
  readonly onChoose: (id: string | null) => void
  readonly overlays: readonly Overlay[]
  readonly onOverlays: (overlays: readonly Overlay[]) => void
  readonly outline: ChosenOutline
  readonly onOutline: (outline: ChosenOutline) => void
  /** From where it is looked at; `null` shows the front view to scale. */
  readonly eye: Eye | null
  readonly onEye: (eye: Eye | null) => void
}
interface HardscapeMarginProps extends MarginProps {
  readonly piece: Piece | null
}

export const HardscapeMargin = memo(function HardscapeMargin(margin: MarginProps) {
  const piece = margin.desk.plan.hardscape.find(({ id }) => id === margin.pieceId) ?? null
  const props = { ...margin, piece }
  const { desk, overlays, onOverlays, outline, onOutline, eye, onEye } = props
  const text = hardscapeWords
  return (
    <>
      <Group number={1} title={text.pieces}>
        <PieceList desk={desk} chosen={piece?.id ?? null} onChoose={props.onChoose} />
      </Group>
      {piece !== null && <PiecePanel {...props} piece={piece} />}
      <Group number={3} title={text.overlays}>
        <Box role="group" aria-label={text.overlays} sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5 }}>
          {(['thirds', 'golden', 'rear', 'gap'] as const).map((one) => (
            <FormControlLabel
              key={one}
              label={text.overlay[one]}
              control={
                <Checkbox
                  size="small"
                  checked={overlays.includes(one)}
                  onChange={() => onOverlays(overlays.includes(one) ? overlays.filter((other) => other !== one) : [...overlays, one])}
                  sx={{ p: '3px', color: 'var(--ink)' }}
                />
              }
              sx={{ mr: 0 }}
            />
          ))}
        </Box>
        <Choice
          label={text.outline}
          why={text.outlineWhy}
          value={outline}
          options={(['none', 'triangle', 'mound', 'valley'] as const).map((one) => [one, text.outlines[one]] as const)}
          onChange={(next) => onOutline(next ?? 'none')}
        />
        <Choice
          label={text.view}
          why={text.couchWhy}
          value={eye === null ? 'front' : 'couch'}
          options={[
            ['front', text.views.front],
            ['couch', text.views.couch],
          ]}
          onChange={(next) => onEye(next === 'couch' ? FROM_COUCH : null)}
        />
        {eye !== null && (
          <Grid min={100}>
            <NumberField
              label={text.eyeAway}
              why={text.couchWhy}
              value={eye.awayCm}
              range={[20, 1000]}
              dimension="length"
              canBeUnknown={false}
              onChange={(awayCm) => awayCm !== null && onEye({ ...eye, awayCm })}
            />
            <NumberField
              label={text.eyeHigh}
              why={text.couchWhy}
              value={eye.highCm}
              range={[-100, 200]}
              dimension="length"
              canBeUnknown={false}
              onChange={(highCm) => highCm !== null && onEye({ ...eye, highCm })}
            />
            <NumberField
              label={text.eyeShare}
              why={text.couchWhy}
              value={eye.share}
              range={[-1, 2]}
              dimension="fraction"
              canBeUnknown={false}
              onChange={(share) => share !== null && onEye({ ...eye, share })}
            />
          </Grid>
        )}
      </Group>
      <Group number={4} title={text.figures}>
        <CompositionTable {...props} />
      </Group>
      <Group number={5} title={text.fixingList}>
        <FixingList desk={desk} />
      </Group>
    </>
  )
})

function PiecePanel({ desk, piece, onChoose }: HardscapeMarginProps & { piece: Piece }) {
  const { plan, figures, change, commit } = desk
  const units = useUnits()
  const text = hardscapeWords
  const [degrees, setDegrees] = useState(15)
  const [share, setShare] = useState(1.1)
  const edit = (part: (one: Piece) => Piece, isFinal = true): void => change((now) => withPiece(now, piece.id, part), isFinal)
  const set = (part: Partial<Piece>, isFinal = false): void => edit((one) => ({ ...one, ...part }), isFinal)
  const { from } = pieceMassKg(piece)
  const entry = figures.pieces.find((one) => one.piece.id === piece.id)
  return (
    <Group number={2} title={piece.name === '' ? text.chosen : piece.name}>
      <Grid min={110}>
        <TextField
          label={text.name}
          value={piece.name}
          onChange={(event) => set({ name: event.target.value })}
          onBlur={() => commit()}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
        />
        <TextField
          select
          label={text.material}
          value={piece.material}
          onChange={(event) => set({ material: event.target.value as HardscapeMaterial }, true)}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {HARDSCAPE_MATERIALS.map((material) => (
            <MenuItem key={material} value={material}>
              {materialWords[material]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={text.fixing}
          title={text.fixingWhy}
          value={piece.fixing}
          onChange={(event) => set({ fixing: event.target.value as Fixing }, true)}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {FIXINGS.map((fixing) => (
            <MenuItem key={fixing} value={fixing}>
              {fixingWords[fixing]}
            </MenuItem>
          ))}
        </TextField>
        <PlanField
          path="hardscape/*/massKg"
          item={piece}
          otherwise={
            from === 'volume' || from === 'drawing' ? `${units.show('mass', entry?.massKg ?? 0, 2)}, ${text.massFrom[from]}` : undefined
          }
        />
        <PlanField path="hardscape/*/volumeL" item={piece} />
        <PlanField path="hardscape/*/heightCm" item={piece} />
        <PlanField path="hardscape/*/sunkCm" item={piece} />
      </Grid>
      <Box className="figures" sx={{ fontSize: 14, my: 0.5 }}>
        {units.show('mass', entry?.massKg ?? 0, 2)}, {text.massFrom[from]}
        {entry?.placed ? `; ${text.loadsTold(significant(glassPressureKPa(entry.massKg, entry.placed.footCm2), 2))}` : ''}
      </Box>
      {piece.outline === null ? (
        <Button onClick={() => edit((one) => placeUnplaced(one, figures.inner, plan.hardscape.indexOf(piece)))}>{text.place}</Button>
      ) : (
        <>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'end' }}>
            <Box sx={{ width: 74 }}>
              <NumberField
                label={text.turn}
                why={text.turnWhy}
                value={degrees}
                range={[-360, 360]}
                dimension="angle"
                canBeUnknown={false}
                onChange={(value) => value !== null && setDegrees(value)}
              />
            </Box>
            <Button onClick={() => edit((one) => turned(one, degrees))}>{text.turnBy(significant(degrees))}</Button>
            <Box sx={{ width: 74 }}>
              <NumberField
                label={text.scale}
                why={text.heightWhy}
                value={share}
                range={[0.2, 5]}
                dimension="fraction"
                canBeUnknown={false}
                onChange={(value) => value !== null && setShare(value)}
              />
            </Box>
            <Button onClick={() => edit((one) => scaled(one, share))}>{text.scaleBy(percent(share))}</Button>
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
            <Button onClick={() => edit(mirrored)}>{text.mirror}</Button>
            <Button
              onClick={() => {
                const copy = duplicatePiece(plan, piece.id, figures.inner, localId)
                if (copy === null) return
                change(() => copy.plan)
                onChoose(copy.id)
              }}
            >
              {planWords.duplicate}
            </Button>
            <Button onClick={() => change((now) => reorderPiece(now, piece.id, 1))}>{text.over}</Button>
            <Button onClick={() => change((now) => reorderPiece(now, piece.id, -1))}>{text.under}</Button>
            <Button
              onClick={() =>
                edit((one) => (one.profile === null ? withDrawnProfile(one, entry?.placed?.heightCm ?? 10) : { ...one, profile: null }))
              }
            >
              {piece.profile === null ? text.editProfile : text.plainProfile}
            </Button>
          </Box>
        </>
      )}
      <Button
        sx={{ mt: 1 }}
        onClick={() => {
          change((now) => removePiece(now, piece.id))
          onChoose(null)
        }}
      >
        {text.remove}
      </Button>
    </Group>
  )
}

function CompositionTable({ desk: { plan, figures }, composition, placed }: HardscapeMarginProps) {
  const units = useUnits()
  const text = hardscapeWords
  const percent = (share: number): string => `${significant(share * 100, 2)} %`
  const { inner } = figures
  const { main } = composition
  const hidden = composition.mostHidden
  const nameOf = (id: string): string => plan.hardscape.find((piece) => piece.id === id)?.name ?? ''
  const shown: Readonly<Record<CompositionRow | 'depth' | 'kind', string>> = {
    openFloor: percent(composition.openFloor),
    openRear: percent(composition.openRear),
    gap: composition.leastGapCm === null ? '–' : units.show('length', composition.leastGapCm, 2),
    main: main === null ? '–' : percent(main.at),
    third: main === null ? '–' : units.show('length', main.offThird * inner.lengthCm, 2),
    golden: main === null ? '–' : units.show('length', main.offGolden * inner.lengthCm, 2),
    second: composition.secondOverMain === null ? '–' : percent(composition.secondOverMain),
    depth: composition.sizeReads === null ? '–' : text.depthTold[composition.sizeReads],
    hidden: hidden === null ? planWords.none : `${nameOf(hidden.id) === '' ? text.chosen : nameOf(hidden.id)}, ${percent(hidden.share)}`,
    kind: text.kinds[composition.outlineKind],
  }
  const sums = openComposition(composition, inner)
  const told = (sum: OpenedSum | undefined): Explained | undefined => (sum === undefined ? undefined : toldSum(sum, units))
  const working = {
    ...(Object.fromEntries(Object.entries(sums).map(([row, sum]) => [row, told(sum)])) as Partial<Record<CompositionRow, Explained>>), // the same rows
    depth: explainDepth(composition, placed, units),
    kind: explainKind(composition, units),
  }
  const rows: readonly (readonly [name: string, value: string, working: Explained | undefined])[] = [
    ...(Object.keys(shown) as (keyof typeof shown)[]).map((row) => [text.figure[row], shown[row], working[row]] as const),
    [text.figure.mass, units.show('mass', figures.hardscapeKg), told(openWeights(plan, figures).parts.hardscapeKg)],
    [
      text.figure.displaces,
      units.show('volume', figures.volumes.hardscapeL),
      told(openDisplaced(figures.pieces, figures.volumes.hardscapeL)),
    ],
  ]
  return (
    <>
      <MarginTable caption={text.measured}>
        {rows.map(([name, value, working]) => (
          <tr key={name}>
            <td>{name}</td>
            <td style={{ textAlign: 'right' }}>{working === undefined ? value : <Figure explained={working}>{value}</Figure>}</td>
          </tr>
        ))}
      </MarginTable>
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.overlaysWhy}</Box>
    </>
  )
}

/** What is fixed how, how long that takes and dries, and what holds down what floats. */
export function FixingList({ desk: { figures } }: { desk: Desk }) {
  const units = useUnits()
  const text = hardscapeWords
  const fixed = figures.pieces.filter(({ piece }) => piece.fixing !== 'none' || MATERIAL[piece.material].newDensityKgPerL < 1)
  const hasWood = figures.pieces.some(({ piece }) => MATERIAL[piece.material].newDensityKgPerL < 1)
  return (
    <>
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
        {fixed.map(({ piece, massKg }) => {
          const { workMin, dryH } = FIXING_TIME[piece.fixing]
          const { ballastKg } = buoyancyOf(massKg, piece.material)
          return (
            <li key={piece.id}>
              {text.fixingTold(
                piece.name === '' ? materialWords[piece.material] : piece.name,
                fixingWords[piece.fixing],
                units.show('minutes', workMin),
                dryH === 0 ? null : String(dryH),
                ballastKg > 0 ? units.show('mass', ballastKg, 2) : null,
              )}
            </li>
          )
        })}
      </Box>
      {fixed.length === 0 && <Box sx={{ color: 'text.secondary' }}>{planWords.none}</Box>}
      {hasWood && <Box sx={{ fontSize: 14, mt: 0.5 }}>{text.flood}</Box>}
      {fixed.some(({ piece }) => piece.fixing === 'glued') && <Box sx={{ fontSize: 14, mt: 0.5, color: 'var(--algae)' }}>{text.glue}</Box>}
    </>
  )
}
