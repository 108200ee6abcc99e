import { appWords, compareWords, groundKindWords, groundMethodWords } from '@jovrin/contract'
import type { GroundComparison, GroundNeed } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { decimals, significant, useUnits, money } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { PriceCell, withPrice } from '../PriceCell.js'
import { usePlanSum } from '../../../workers/usePlanSum.js'

/** This tank with each method's ground, side by side. Reckoned when it is opened: each column is a run of the model. */
export function CompareGrounds({ desk }: { desk: Desk }) {
  const [isOpen, setOpen] = useState(false)
  const compared = usePlanSum('grounds', isOpen ? desk.plan : null) ?? null
  return (
    <Box sx={{ mt: 1 }}>
      <Button onClick={() => setOpen(true)}>{compareWords.open}</Button>
      <SheetDialog title={compareWords.title} isOpen={isOpen} isWide onClose={() => setOpen(false)}>
        {compared === null ? (
          <Box role="status" sx={{ p: 3 }}>
            {compareWords.reckoning}
          </Box>
        ) : (
          <ComparisonTable desk={desk} compared={compared} onDone={() => setOpen(false)} />
        )}
      </SheetDialog>
    </Box>
  )
}

function ComparisonTable({ desk, compared, onDone }: { desk: Desk; compared: readonly GroundComparison[]; onDone: () => void }) {
  const units = useUnits()
  const { currency, prices, columns } = desk.plan.money
  const column = columns[0]?.id ?? ''
  const priceOfBag = (need: GroundNeed): number | null =>
    prices.find((price) => price.item === need.key && price.column === column)?.price ?? null
  const text = compareWords
  const days = ([from, to]: readonly [number, number]): string => text.days(String(from), String(to))
  const rows: readonly (readonly [string, (one: GroundComparison) => string])[] = [
    [text.layers, (one) => one.needs.map((need) => `${groundKindWords[need.ground]} ${units.show('volume', need.volumeL, 2)}`).join(', ')],
    [text.depth, ({ facts }) => `${units.show('length', facts.frontCm)} – ${units.show('length', facts.backCm)}`],
    [
      text.bags,
      (one) =>
        one.needs.map((need) => `${need.bags} × ${units.show('volume', need.bagL, 2)}`).join(' + ') +
        (one.tabs > 0 ? ` + ${text.tabs(String(one.tabs))}` : ''),
    ],
    [text.costNow, ({ costNow }) => (costNow === null ? text.noPrice : money(costNow, currency))],
    [text.costThreeYears, ({ costThreeYears }) => (costThreeYears === null ? text.noPrice : money(costThreeYears, currency))],
    [
      text.ammonia,
      ({ animalsFromDay, ammoniaPeakMgNPerL }) => text.ammoniaTold(String(animalsFromDay), units.show('ammonia', ammoniaPeakMgNPerL, 2)),
    ],
    [text.hardness, (one) => text.drift(significant(one.khDkhAtStart, 2), significant(one.khDkhAfter, 2), decimals(one.pHAfter, 1))],
    [text.stems, ({ facts }) => text.holds[facts.stemHold]],
    [text.moving, ({ facts }) => text.moves[facts.moving]],
    [text.lasts, ({ facts }) => (facts.years === null ? text.long : text.years(String(facts.years)))],
    [
      text.tank,
      ({ facts, hasTankHeight }) => `${text.from(units.show('length', facts.leastTankCm))}${hasTankHeight ? '' : ` ${text.tooLow}`}`,
    ],
    [text.animals, ({ facts }) => days(facts.animalsFromDay)],
    [text.school, ({ method }) => text.schools[method]],
  ]
  return (
    <Box sx={{ p: 2 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
        {text.title}
      </Box>
      <Box
        component="table"
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          fontSize: 13.5,
          mt: 1,
          '& th, & td': {
            textAlign: 'left',
            verticalAlign: 'top',
            p: '3px 12px 3px 0',
            borderBottom: '1px solid var(--hair)',
            maxWidth: 190,
          },
          '& th': { fontWeight: 600 },
          '& tbody th': { fontWeight: 'normal', color: 'text.secondary' },
        }}
      >
        <thead>
          <tr>
            <td />
            {compared.map(({ method }) => (
              <th key={method} scope="col">
                {groundMethodWords[method]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, tell]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              {compared.map((one) => (
                <td key={one.method}>{tell(one)}</td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">{text.bagPrice}</th>
            {compared.map((one) => (
              <td key={one.method}>
                {one.needs.map((need) => (
                  <PriceCell
                    key={`${need.key} ${priceOfBag(need) ?? ''}`}
                    value={priceOfBag(need)}
                    label={`${text.bagPrice}: ${groundKindWords[need.ground] ?? need.ground}`}
                    column={column}
                    onPrice={(price) => desk.change((plan) => withPrice(plan, need.key, column, price))}
                  />
                ))}
              </td>
            ))}
          </tr>
          <tr>
            <td />
            {compared.map((one) => (
              <td key={one.method}>
                <Button
                  onClick={() => {
                    desk.change((plan) => ({ ...plan, layers: one.plan.layers }))
                    onDone()
                  }}
                >
                  {text.take}
                </Button>
              </td>
            ))}
          </tr>
        </tbody>
      </Box>
      <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 1, maxWidth: 640 }}>{text.note}</Box>
      <Button sx={{ mt: 1 }} onClick={onDone}>
        {appWords.close}
      </Button>
    </Box>
  )
}
