import { plantingWords } from '@jovrin/contract'
import {
  asVariant,
  columnTotals,
  countedSpecies,
  floorShares,
  keepVariant,
  MOST_VARIANTS,
  plantingWork,
  removeVariant,
  renameVariant,
  shoppingList,
  takeVariant,
  tankFigures,
  type Plan,
} from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useId, useMemo, useState } from 'react'
import { localId } from '../../../api/localId.js'
import { RenameIcon } from '../../../ui/icons/acts.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { money, percent, significant, useUnits } from '../../../ui/units.js'
import { usePlanSum } from '../../../workers/usePlanSum.js'
import { useSettled, type Desk } from '../desk.js'

const text = plantingWords.variants
const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H'] as const

/** Maps side by side: what each asks for and what the model makes of it; one of them is the plan. */
export function VariantPanel({ desk: { plan, change } }: { readonly desk: Desk }) {
  const caption = useId()
  const free = LETTERS.find((letter) => !plan.variants.some(({ name }) => name === letter)) ?? ''
  const [name, setName] = useState('')
  const canKeep = plan.beds.length + plan.spots.length > 0 && plan.variants.length < MOST_VARIANTS
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {plan.variants.length > 0 && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-labelledby={caption}>
          <Box
            component="table"
            className="figures"
            sx={{ borderCollapse: 'collapse', fontSize: 14, '& td, & th': { px: 0.75, py: 0.25, textAlign: 'right' } }}
          >
            <caption id={caption} style={{ textAlign: 'left' }}>
              {text.caption}
            </caption>
            <thead>
              <tr>
                <td />
                {text.columns.map((column) => (
                  <th key={column} scope="col" style={{ fontWeight: 400 }}>
                    {column}
                  </th>
                ))}
                <td />
              </tr>
            </thead>
            <tbody>
              <VariantRow plan={plan} name={text.current} />
              {plan.variants.map((variant) => (
                <VariantRow
                  key={variant.id}
                  plan={asVariant(plan, variant)}
                  name={variant.name}
                  onTake={() => change((now) => takeVariant(now, variant.id, free))}
                  onRename={(next) => change((now) => renameVariant(now, variant.id, next))}
                  onRemove={() => change((now) => removeVariant(now, variant.id))}
                />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{plan.variants.length === 0 ? text.none : text.why}</Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          label={text.name}
          value={name}
          placeholder={free}
          disabled={!canKeep}
          onChange={({ target }) => setName(target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 40 } }}
          sx={{ flexGrow: 1 }}
        />
        <Button
          disabled={!canKeep}
          onClick={() => {
            change((now) => keepVariant(now, name.trim() || free, localId))
            setName('')
          }}
        >
          {text.keep}
        </Button>
      </Box>
    </Box>
  )
}

interface RowProps {
  readonly plan: Plan
  readonly name: string
  readonly onTake?: () => void
  readonly onRename?: (name: string) => void
  readonly onRemove?: () => void
}
function VariantRow({ plan, name, onTake, onRename, onRemove }: RowProps) {
  const units = useUnits()
  const settled = useSettled(plan)
  const density = usePlanSum('density', settled)
  const { planted, pots, hours, cost } = useMemo(() => sumsOf(settled), [settled])
  return (
    <tr>
      <th scope="row" style={{ textAlign: 'left', fontWeight: onTake === undefined ? 700 : 400 }}>
        {onRename === undefined ? name : <VariantName name={name} onRename={onRename} />}
      </th>
      <td>{percent(planted)} %</td>
      <td>{pots}</td>
      <td>{cost === null ? '–' : money(cost, plan.money.currency, 0)}</td>
      <td>{units.show('minutes', hours * 60)}</td>
      <td>{density == null ? '…' : significant(density.algaeRatio, 2)}</td>
      <td style={{ whiteSpace: 'nowrap' }}>
        {onTake !== undefined && (
          <Button variant="text" sx={{ p: 0, minWidth: 0 }} aria-label={text.takeNamed(name)} onClick={onTake}>
            {text.take}
          </Button>
        )}
        {onRemove !== undefined && (
          <Button variant="text" sx={{ p: 0, minWidth: 26 }} aria-label={text.removeNamed(name)} onClick={onRemove}>
            <RemoveIcon />
          </Button>
        )}
      </td>
    </tr>
  )
}

/** A name, and a pencil that turns it into a field; an empty one is no name. */
function VariantName({ name, onRename }: { readonly name: string; readonly onRename: (name: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const finish = (): void => {
    const next = typed?.trim() ?? ''
    if (next !== '' && next !== name) onRename(next)
    setTyped(null)
  }
  return typed === null ? (
    <>
      {name}{' '}
      <Button variant="text" sx={{ p: 0, minWidth: 22 }} aria-label={text.renameNamed(name)} onClick={() => setTyped(name)}>
        <RenameIcon />
      </Button>
    </>
  ) : (
    <TextField
      autoFocus
      value={typed}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={finish}
      onKeyDown={({ key }) => {
        if (key === 'Enter') finish()
        if (key === 'Escape') setTyped(null)
      }}
      slotProps={{ htmlInput: { maxLength: 40, 'aria-label': text.newName(name) } }}
      sx={{ width: 90 }}
    />
  )
}

/** What a map asks for. The cost is that of the whole list in its first column, as the shopping sheet tells it. */
function sumsOf(plan: Plan): { readonly planted: number; readonly pots: number; readonly hours: number; readonly cost: number | null } {
  const figures = tankFigures(plan)
  const { beds, spots, inner } = figures
  const total = columnTotals(plan, shoppingList(plan, figures))[0]?.total ?? 0
  return {
    planted: floorShares(beds, inner).plantedFraction,
    pots: countedSpecies([...beds, ...spots]).reduce((sum, one) => sum + one.pots, 0),
    hours: plantingWork(plan, figures).hours,
    cost: total === 0 ? null : total,
  }
}
