import { appWords, printingWords } from '@jovrin/contract'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useEffect, useState } from 'react'
import { pageFor, SCALES, sizeAt, sizeOnA4, usualScale, type Page, type Scale, type Sized } from '../../drawing/file/paperSize.js'
import { pdfOf } from '../../drawing/file/pdfOf.js'
import { rasterOf } from '../../drawing/file/rasterOf.js'
import { withFonts } from '../../drawing/file/standAlone.js'
import { saveFile } from '../../ui/saveText.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { significant } from '../../ui/units.js'
import { drawingsOnPage, type PageDrawing } from './drawingsOnPage.js'

type Format = 'SVG' | 'PNG' | 'PDF'
const FORMATS: readonly Format[] = ['SVG', 'PNG', 'PDF']

/** The page on paper, or one of its drawings as a file at a scale that a ruler reads. */
export function PrintSheet({ onClose }: { onClose: () => void }) {
  const [drawings, setDrawings] = useState<readonly PageDrawing[] | null>(null)
  const [chosen, choose] = useState(0)
  useEffect(() => {
    let isWanted = true
    void drawingsOnPage()
      .catch(() => [])
      .then((found) => isWanted && setDrawings(found))
    return () => {
      isWanted = false
    }
  }, [])
  const drawing = drawings?.[chosen]
  return (
    <SheetDialog title={printingWords.title} isOpen isWide onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 1.5, width: { md: 640 }, maxWidth: '100%' }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
          {printingWords.title}
        </Box>
        <Box>
          <Button
            variant="contained"
            onClick={() => {
              onClose()
              // The dialog has gone before the page is taken.
              setTimeout(() => window.print(), 300)
            }}
          >
            {printingWords.page}
          </Button>
        </Box>
        {drawings?.length === 0 && <Box sx={{ color: 'text.secondary' }}>{printingWords.none}</Box>}
        {drawings !== null && drawings.length > 0 && (
          <TextField
            select
            label={printingWords.drawing}
            value={chosen}
            onChange={(event) => choose(Number(event.target.value))}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {drawings.map(({ name }, index) => (
              <MenuItem key={index} value={index} sx={{ whiteSpace: 'normal' }}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
        {drawing && <OneDrawing key={chosen} drawing={drawing} />}
        <Box>
          <Button onClick={onClose}>{appWords.close}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}

function OneDrawing({ drawing }: { drawing: PageDrawing }) {
  const { name, pxPerCm, svg } = drawing
  const toScale = pxPerCm === null ? null : { ...drawing, pxPerCm }
  const [scale, setScale] = useState<Scale>(() => (toScale === null ? 1 : usualScale(toScale)))
  const [state, setState] = useState<'idle' | 'busy' | 'failed'>('idle')
  const size = toScale === null ? sizeOnA4(drawing) : sizeAt(toScale, scale)
  const page = pageFor(size)
  const [preview, setPreview] = useState<string | null>(null)
  useEffect(() => {
    let address: string | null = null
    let isWanted = true
    void withFonts(svg, { widthMm: 100, heightMm: (100 * drawing.heightPx) / drawing.widthPx }).then((whole) => {
      if (!isWanted) return
      address = URL.createObjectURL(new Blob([whole], { type: 'image/svg+xml' }))
      setPreview(address)
    })
    return () => {
      isWanted = false
      if (address !== null) URL.revokeObjectURL(address)
    }
  }, [svg, drawing.heightPx, drawing.widthPx])
  const save = async (format: Format): Promise<void> => {
    setState('busy')
    try {
      saveFile(await fileOf(format, drawing, size, page), `${fileNameOf(name)}.${format.toLowerCase()}`)
      setState('idle')
    } catch {
      setState('failed')
    }
  }
  return (
    <>
      <Box sx={{ border: '1px solid var(--hair)', background: '#fff', p: 1, textAlign: 'center', minHeight: 120 }}>
        {preview !== null && <Box component="img" src={preview} alt={name} sx={{ maxWidth: '100%', maxHeight: '36vh', height: 'auto' }} />}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end' }}>
        {toScale !== null && (
          <TextField
            select
            label={printingWords.scale}
            value={scale}
            onChange={(event) => setScale(SCALES.find((one) => one === Number(event.target.value)) ?? scale)}
            sx={{ minWidth: 130 }}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {SCALES.map((one) => (
              <MenuItem key={one} value={one}>{`1:${one} · ${pageName(pageFor(sizeAt(toScale, one)))}`}</MenuItem>
            ))}
          </TextField>
        )}
        {FORMATS.map((format) => (
          <Button key={format} disabled={state === 'busy'} onClick={() => void save(format)}>
            {format}
          </Button>
        ))}
      </Box>
      <Box role="status" sx={{ fontSize: 14, color: state === 'failed' ? 'var(--algae)' : 'text.secondary' }}>
        {state === 'failed' ? printingWords.failed : toScale === null ? printingWords.noScale : printingWords.ruler(String(scale))}
      </Box>
    </>
  )
}

const pageName = ({ name, widthMm, heightMm }: Page): string =>
  name ?? `${significant(widthMm / 10, 3)} × ${significant(heightMm / 10, 3)} cm`

async function fileOf(format: Format, { svg, name }: PageDrawing, size: Sized, page: Page): Promise<Blob> {
  const whole = await withFonts(svg, size)
  if (format === 'SVG') return new Blob([whole], { type: 'image/svg+xml' })
  const raster = await rasterOf(whole, size)
  return format === 'PNG' ? raster : pdfOf(raster, name, size, page)
}

/** Without signs that file systems refuse. */
const fileNameOf = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} ,.-]+/gu, ' ')
    .trim()
    .slice(0, 80) || printingWords.drawing
