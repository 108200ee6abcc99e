import { hardscapeWords, materialWords } from '@jovrin/contract'
import { boundsOf, centreOf, outlineFault, thinned, UNPLACED, type Spot, type Vertex } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useEffect, useState } from 'react'
import { localId } from '../../../api/localId.js'
import { NumberField } from '../../../ui/NumberField.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { Enlarged } from '../../../ui/enlarge/Enlarged.js'
import { FileDrop } from '../../../ui/FileDrop.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

interface Picture {
  readonly url: string
  readonly width: number
  readonly height: number
}
const SHOWN_PX = 720
const LEAST_MARK_PX = 20

/** The user's own stones from a photograph beside a ruler. The picture is only looked at here and goes nowhere. */
export function TracePhoto({ desk, onMade }: { desk: Desk; onMade: (id: string) => void }) {
  const { plan, figures, change } = desk
  const units = useUnits()
  const text = hardscapeWords.trace
  const [isOpen, setOpen] = useState(false)
  const [picture, setPicture] = useState<Picture | null>(null)
  const [marks, setMarks] = useState<readonly Spot[]>([])
  const [distanceCm, setDistance] = useState(20)
  const [corners, setCorners] = useState<readonly Spot[]>([])
  const [told, setTold] = useState<string | null>(null)
  useEffect(
    () => () => {
      if (picture) URL.revokeObjectURL(picture.url)
    },
    [picture],
  )
  const open = (chosen: File | undefined): void => {
    if (!chosen) return
    const url = URL.createObjectURL(chosen)
    const image = new Image()
    image.onload = () => {
      setPicture({ url, width: image.naturalWidth, height: image.naturalHeight })
      setMarks([])
      setCorners([])
      setTold(null)
    }
    image.onerror = () => {
      URL.revokeObjectURL(url)
      setTold(text.bad)
    }
    image.src = url
  }
  const scale = picture === null ? 1 : SHOWN_PX / picture.width
  const height = picture === null ? 0 : picture.height * scale
  const [a, b] = marks
  const marksPx = a && b ? Math.hypot(a.xCm - b.xCm, a.yCm - b.yCm) : 0
  const click = (event: React.MouseEvent<SVGSVGElement>): void => {
    const box = event.currentTarget.getBoundingClientRect()
    // Picture px stand in for centimetres until the scale is known; y grows to the back.
    const spot = {
      xCm: ((event.clientX - box.left) * SHOWN_PX) / box.width,
      yCm: height - ((event.clientY - box.top) * height) / box.height,
    }
    if (marks.length < 2) {
      const next = [...marks, spot]
      const [from, to] = next
      if (from && to && Math.hypot(from.xCm - to.xCm, from.yCm - to.yCm) < LEAST_MARK_PX) return setTold(text.nearMarks)
      setTold(null)
      return setMarks(next)
    }
    setCorners([...corners, spot])
  }
  const make = (): void => {
    const cmPerPx = distanceCm / marksPx
    const ring = thinned(
      corners.map(({ xCm, yCm }) => ({ xCm: xCm * cmPerPx, yCm: yCm * cmPerPx })),
      0.1,
    )
    const centre = centreOf(ring)
    const { inner } = figures
    const outline = ring.map(({ xCm, yCm }): Vertex => ({
      xCm: Math.round((xCm - centre.xCm + inner.lengthCm / 2) * 100) / 100,
      yCm: Math.round((yCm - centre.yCm + inner.widthCm / 2) * 100) / 100,
      isRound: false,
    }))
    if (outlineFault(outline) !== null) return setTold(text.noArea)
    const id = localId('s')
    const name = `${materialWords.granite} ${plan.hardscape.length + 1}`
    const { left, right, front, back } = boundsOf(outline)
    change((now) => ({ ...now, hardscape: [...now.hardscape, { ...UNPLACED, id, name, material: 'granite', outline }] }))
    setCorners([])
    setTold(text.done(name, `${units.show('length', right - left)} × ${units.show('length', back - front)}`))
    onMade(id)
  }
  return (
    <>
      <Button onClick={() => setOpen(true)}>{hardscapeWords.addFromPhoto}</Button>
      <SheetDialog title={text.title} isOpen={isOpen} onClose={() => setOpen(false)}>
        <Box sx={{ p: 2, width: { xs: 'auto', md: SHOWN_PX + 32 } }}>
          <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
            {text.title}
          </Box>
          <Box sx={{ fontSize: 14, my: 0.5 }}>{picture === null ? text.hint : marks.length < 2 ? text.step1 : text.step2}</Box>
          <FileDrop label={text.open} kind="picture" onFiles={([chosen]) => open(chosen)} />
          {picture !== null && (
            <>
              <Enlarged label={text.title}>
                {(zoom) => (
                  <svg
                    viewBox={`0 0 ${SHOWN_PX} ${height}`}
                    width="100%"
                    style={{ display: 'block', cursor: 'crosshair', outline: '1px solid var(--ink)' }}
                    onClick={click}
                    role="group"
                    aria-label={text.title}
                    data-testid="trace-picture"
                  >
                    <image href={picture.url} width={SHOWN_PX} height={height} />
                    {marks.map((mark, index) => (
                      <path
                        key={index}
                        d={`M${mark.xCm - 8 / zoom} ${height - mark.yCm}h${16 / zoom}M${mark.xCm} ${height - mark.yCm - 8 / zoom}v${16 / zoom}`}
                        stroke="var(--algae)"
                        strokeWidth={3 / zoom}
                      />
                    ))}
                    {corners.length > 0 && (
                      <path
                        d={`M${corners.map(({ xCm, yCm }) => `${xCm} ${height - yCm}`).join('L')}Z`}
                        fill="var(--focus)"
                        fillOpacity="0.25"
                        stroke="var(--focus)"
                        strokeWidth={2 / zoom}
                      />
                    )}
                  </svg>
                )}
              </Enlarged>
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap' }}>
                <Box sx={{ width: 170 }}>
                  <NumberField
                    label={text.distance}
                    why={text.distanceWhy}
                    value={distanceCm}
                    range={[1, 200]}
                    dimension="length"
                    canBeUnknown={false}
                    onChange={(cm) => cm !== null && Number.isFinite(cm) && setDistance(cm)}
                  />
                </Box>
                <Button onClick={() => setMarks([])}>{text.again}</Button>
                <Button disabled={corners.length === 0} onClick={() => setCorners(corners.slice(0, -1))}>
                  {text.drop}
                </Button>
                <Button variant="contained" disabled={corners.length < 3 || marksPx === 0} onClick={make}>
                  {text.close}
                </Button>
                <span className="figures">{text.corners(String(corners.length))}</span>
              </Box>
            </>
          )}
          <Box role="status" sx={{ fontSize: 14, mt: 0.5 }}>
            {told}
          </Box>
          <Button sx={{ mt: 1 }} onClick={() => setOpen(false)}>
            {hardscapeWords.trace.finish}
          </Button>
        </Box>
      </SheetDialog>
    </>
  )
}
