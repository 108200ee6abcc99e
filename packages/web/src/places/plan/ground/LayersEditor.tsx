import { groundWords, groundKindWords } from '@jovrin/contract'
import { PlanField } from '../PlanField.js'
import { GROUND_KINDS, type GroundKind, type GroundLayer } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { inOrder, SortableList, useSortableRow } from '../../../ui/dragging/SortableList.js'
import { DownIcon, UpIcon } from '../../../ui/icons/acts.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { useQuery } from '@tanstack/react-query'
import { localId } from '../../../api/localId.js'
import { productsOfLibrary } from '../../library/products/products.queries.js'

interface LayersEditorProps {
  /** Pointer of the zone whose layers these are; '' of the whole floor. */
  readonly within: string
  readonly layers: readonly GroundLayer[]
  readonly onLayers: (edit: (layers: readonly GroundLayer[]) => readonly GroundLayer[], isFinal?: boolean) => void
}

/** A stack of layers, uppermost first as one sees it; front and back belong to the zone's own foremost and rearmost point. */
export function LayersEditor({ within, layers, onLayers }: LayersEditorProps) {
  const set = (id: string, part: Partial<GroundLayer>, isFinal = true): void =>
    onLayers((now) => now.map((layer) => (layer.id === id ? { ...layer, ...part } : layer)), isFinal)
  const move = (id: string, step: 1 | -1): void =>
    onLayers((now) => {
      const at = now.findIndex((layer) => layer.id === id)
      const to = at + step
      if (to < 0 || to >= now.length) return now
      const next = [...now]
      ;[next[at], next[to]] = [next[to]!, next[at]!] // both within the list
      return next
    })
  const shown = [...layers].reverse()
  return (
    <Box>
      <SortableList ids={shown.map(({ id }) => id)} onOrder={(ids) => onLayers((now) => inOrder([...now].reverse(), ids).reverse())}>
        {shown.map((layer, index) => (
          <LayerRow
            key={layer.id}
            layer={layer}
            within={within}
            place={index}
            count={shown.length}
            onSet={(part) => set(layer.id, part)}
            onMove={(step) => move(layer.id, step)}
            onRemove={() => onLayers((now) => now.filter(({ id }) => id !== layer.id))}
          />
        ))}
      </SortableList>
      <Button
        variant="text"
        sx={{ px: 0 }}
        onClick={() =>
          onLayers((now) => [
            ...now,
            {
              id: localId('g'),
              ground: now.length === 0 ? 'rich-soil' : 'sand',
              frontCm: now.length === 0 ? 4 : 2,
              backCm: now.length === 0 ? 7 : 2,
              product: null,
            },
          ])
        }
      >
        {groundWords.addLayer}
      </Button>
    </Box>
  )
}

interface LayerRowProps {
  readonly layer: GroundLayer
  readonly within: string
  /** From the top. */
  readonly place: number
  readonly count: number
  readonly onSet: (part: Partial<GroundLayer>) => void
  /** One up, one down. */
  readonly onMove: (step: 1 | -1) => void
  readonly onRemove: () => void
}
function LayerRow({ layer, within, place, count, onSet, onMove, onRemove }: LayerRowProps) {
  const products = useQuery(productsOfLibrary()).data ?? []
  const name = groundWords.layer(String(place + 1))
  const { rowRef, style, grip } = useSortableRow(layer.id, name)
  const fitting = products.filter((product) => product.kind === 'ground').filter((product) => product.ground === layer.ground)
  return (
    <Box
      ref={rowRef}
      style={style}
      role="group"
      aria-label={name}
      sx={{
        display: 'grid',
        gridTemplateColumns: '1.2fr 0.8fr 0.8fr auto',
        columnGap: 1.5,
        rowGap: 0.5,
        alignItems: 'start',
        py: 0.5,
        borderBottom: '1px solid var(--hair)',
      }}
    >
      <TextField
        select
        label={groundWords.material}
        value={layer.ground}
        onChange={(event) => onSet({ ground: event.target.value as GroundKind, product: null })}
        slotProps={{ inputLabel: { shrink: true } }}
      >
        {GROUND_KINDS.map((kind) => (
          <MenuItem key={kind} value={kind}>
            {groundKindWords[kind]}
          </MenuItem>
        ))}
      </TextField>
      <PlanField path="layers/*/frontCm" item={layer} within={within} label={groundWords.front} />
      <PlanField path="layers/*/backCm" item={layer} within={within} label={groundWords.back} />
      <Box sx={{ display: 'flex', pt: 1.5 }}>
        {count > 1 && grip}
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0 }}
          aria-label={groundWords.layerUp}
          disabled={place === 0}
          onClick={() => onMove(1)}
        >
          <UpIcon />
        </Button>
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0 }}
          aria-label={groundWords.layerDown}
          disabled={place === count - 1}
          onClick={() => onMove(-1)}
        >
          <DownIcon />
        </Button>
        <Button variant="text" sx={{ minWidth: 26, p: 0 }} aria-label={groundWords.layerRemove} onClick={onRemove}>
          <RemoveIcon />
        </Button>
      </Box>
      {(fitting.length > 0 || layer.product !== null) && (
        <TextField
          select
          label={groundWords.product}
          value={layer.product?.name ?? ''}
          onChange={(event) => {
            const product = fitting.find(({ name }) => name === event.target.value)
            onSet({
              product:
                product === undefined
                  ? null
                  : {
                      name: product.name,
                      bagL: product.bagL,
                      bulkKgPerL: product.bulkKgPerL,
                      porosity: product.porosity,
                      price: product.price,
                    },
            })
          }}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          sx={{ gridColumn: '1 / -1' }}
        >
          <MenuItem value="">{groundWords.noProduct}</MenuItem>
          {layer.product !== null && !fitting.some(({ name }) => name === layer.product?.name) && (
            <MenuItem value={layer.product.name}>{layer.product.name}</MenuItem>
          )}
          {fitting.map(({ name }) => (
            <MenuItem key={name} value={name}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  )
}
