import { gasLevelWords } from '@jovrin/contract'
import { readDye, type DyeReading } from '@jovrin/core'
import { Box } from '@mui/material'
import { useEffect, useRef, useState, type KeyboardEvent, type MouseEvent } from 'react'
import { Choice } from '../../../../../ui/Choice.js'
import { FileDrop } from '../../../../../ui/FileDrop.js'
import { decimals } from '../../../../../ui/units.js'
import { sampleSpot, type PictureSpot } from './sampleSpot.js'

const MOST_PX = 900
const PICKS = ['white', 'liquid'] as const
type Pick = (typeof PICKS)[number]
type Spots = Readonly<Partial<Record<Pick, PictureSpot>>>
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
const STEP = 0.01
const MIDDLE: PictureSpot = { x: 0.5, y: 0.5 }

/** The picture's points; `null` of a file that is no picture. */
async function readPicture(file: File): Promise<ImageData | null> {
  const url = URL.createObjectURL(file)
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const scale = Math.min(1, MOST_PX / Math.max(image.naturalWidth, image.naturalHeight))
    const [width, height] = [Math.round(image.naturalWidth * scale), Math.round(image.naturalHeight * scale)]
    const canvas = document.createElement('canvas')
    Object.assign(canvas, { width, height })
    const context = canvas.getContext('2d', { willReadFrequently: true })
    if (context === null || width === 0 || height === 0) return null
    context.drawImage(image, 0, 0, width, height)
    return context.getImageData(0, 0, width, height)
  } catch {
    return null
  } finally {
    URL.revokeObjectURL(url)
  }
}

/** Colour of the indicator from a photograph: a white thing and the liquid are pointed at. The picture is only looked at here and goes nowhere. */
export function IndicatorPhoto({ onRead }: { readonly onRead: (reading: DyeReading & { kind: 'read' }) => void }) {
  const text = gasLevelWords
  const [picture, setPicture] = useState<ImageData | null>(null)
  const [isBad, setBad] = useState(false)
  const [pick, setPick] = useState<Pick>('white')
  const [spots, setSpots] = useState<Spots>({})
  const [cross, setCross] = useState<PictureSpot>(MIDDLE)
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (picture !== null) canvas.current?.getContext('2d')?.putImageData(picture, 0, 0)
  }, [picture])
  const reading =
    picture !== null && spots.white && spots.liquid ? readDye(sampleSpot(picture, spots.liquid), sampleSpot(picture, spots.white)) : null
  const take = (spot: PictureSpot): void => {
    const next = { ...spots, [pick]: spot }
    setSpots(next)
    setCross(spot)
    setPick(pick === 'white' && next.liquid === undefined ? 'liquid' : pick)
    if (picture === null || next.white === undefined || next.liquid === undefined) return
    const read = readDye(sampleSpot(picture, next.liquid), sampleSpot(picture, next.white))
    if (read.kind === 'read') onRead(read)
  }
  const click = (event: MouseEvent<HTMLButtonElement>): void => {
    if (event.detail === 0) return take(cross) // by key
    const box = event.currentTarget.getBoundingClientRect()
    take({ x: within((event.clientX - box.left) / box.width), y: within((event.clientY - box.top) / box.height) })
  }
  const move = (event: KeyboardEvent): void => {
    const step = STEPS[event.key]
    if (step === undefined) return
    event.preventDefault()
    const by = STEP * (event.shiftKey ? 5 : 1)
    setCross(({ x, y }) => ({ x: within(x + step[0] * by), y: within(y + step[1] * by) }))
  }
  return (
    <Box component="details" sx={{ fontSize: 14 }}>
      <Box component="summary" sx={{ cursor: 'pointer' }}>
        {text.photo}
      </Box>
      <Box sx={{ display: 'grid', gap: 0.75, pt: 0.5 }}>
        <span>{text.photoWhy}</span>
        <FileDrop
          label={text.photoFile}
          kind="picture"
          onFiles={([file]) =>
            void (async () => {
              if (file === undefined) return
              const read = await readPicture(file)
              setBad(read === null)
              setPicture(read)
              setSpots({})
              setPick('white')
              setCross(MIDDLE)
            })()
          }
        />
        {isBad && (
          <Box role="alert" sx={{ color: 'var(--algae)' }}>
            {text.photoNone}
          </Box>
        )}
        {picture !== null && (
          <>
            <Choice
              label={text.photoPickLabel}
              why={text.photoKeys}
              value={pick}
              options={PICKS.map((one) => [one, text.photoPick[one]] as const)}
              onChange={(next) => next !== null && setPick(next)}
            />
            <Box
              component="button"
              type="button"
              data-testid="indicator-picture"
              aria-label={text.photoDescription}
              aria-describedby="photo-keys"
              onClick={click}
              onKeyDown={move}
              sx={{
                p: 0,
                border: '1px solid var(--ink)',
                background: 'none',
                position: 'relative',
                cursor: 'crosshair',
                display: 'block',
                width: '100%',
                lineHeight: 0,
              }}
            >
              <canvas
                ref={canvas}
                width={picture.width}
                height={picture.height}
                style={{ width: '100%', height: 'auto', display: 'block' }}
              />
              <Marks spots={spots} cross={cross} />
            </Box>
            <Box id="photo-keys" sx={{ color: 'text.secondary' }}>
              {text.photoPoint(text.photoPick[pick])} {text.photoKeys}
            </Box>
            <Box role="status" className="figures" sx={reading?.kind === 'refused' ? { color: 'var(--algae)' } : {}}>
              {reading?.kind === 'read' && text.photoRead(decimals(reading.share, 2), decimals(reading.low, 2), decimals(reading.high, 2))}
              {reading?.kind === 'refused' && text.photoRefused[reading.why]}
            </Box>
          </>
        )}
      </Box>
    </Box>
  )
}
const within = (share: number): number => Math.min(1, Math.max(0, share))

/** Where was pointed at, and where the keys stand; in black on white, to be seen on any picture. */
function Marks({ spots, cross }: { readonly spots: Spots; readonly cross: PictureSpot }) {
  const at = (spot: PictureSpot) => ({ position: 'absolute', left: `${spot.x * 100}%`, top: `${spot.y * 100}%` }) as const
  return (
    <>
      {PICKS.map((pick) => {
        const spot = spots[pick]
        return (
          spot && (
            <Box
              key={pick}
              component="span"
              aria-hidden
              sx={{
                ...at(spot),
                transform: 'translate(-50%, -50%)',
                width: 18,
                height: 18,
                borderRadius: '50%',
                border: '2px solid #111',
                boxShadow: '0 0 0 2px #fff, inset 0 0 0 1px #fff',
              }}
            >
              <Box
                component="span"
                sx={{ position: 'absolute', left: 22, top: -2, fontSize: 12, lineHeight: 1.3, background: '#fff', color: '#111', px: 0.5 }}
              >
                {gasLevelWords.photoPick[pick]}
              </Box>
            </Box>
          )
        )
      })}
      <Box component="span" aria-hidden sx={{ ...at(cross), width: 0, height: 0, 'button:not(:focus-visible) > &': { display: 'none' } }}>
        <svg width="30" height="30" viewBox="-15 -15 30 30" style={{ position: 'absolute', left: -15, top: -15 }}>
          <path d="M-14 0H-4M4 0H14M0 -14V-4M0 4V14" stroke="#fff" strokeWidth="4" />
          <path d="M-14 0H-4M4 0H14M0 -14V-4M0 4V14" stroke="#111" strokeWidth="2" />
        </svg>
      </Box>
    </>
  )
}
