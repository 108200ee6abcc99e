import { animalsWords, appWords, type TankEntry } from '@jovrin/contract'
import { civilDate, daysBetween, type AnimalGroup, type AnimalSpecies, type Plan } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { localId } from '../../../api/localId.js'
import { changePlan } from '../../../api/plans.js'
import { allTanks, timelineOfTank } from '../../../api/tanks.queries.js'
import { NumberField } from '../../../ui/NumberField.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { significant } from '../../../ui/units.js'
import { nameOfSpecies } from '../../shared/animals/nameOfGroup.text.js'
import type { Desk } from '../desk.js'

interface MoveProps {
  readonly desk: Desk
  readonly group: AnimalGroup & { readonly count: number }
  readonly species: AnimalSpecies
  readonly onClose: () => void
}

/** A plan in which so many came from another tank on a day of its age. */
const received = (plan: Plan, species: AnimalSpecies, count: number, fromDay: number, origin: string): Plan => ({
  ...plan,
  animals: { ...plan.animals, groups: [...plan.animals.groups, { id: localId('a'), species: species.id, count, fromDay, origin }] },
  fauna: plan.fauna.some(({ id }) => id === species.id) ? plan.fauna : [...plan.fauna, species],
})

/** Some of a group go to another tank today: they are written down there first, then taken off here, so that none is ever nowhere. */
export function MoveAnimals({ desk, group, species, onClose }: MoveProps) {
  const text = animalsWords.move
  const notice = useNotice()
  const client = useQueryClient()
  const todayOn = useQuery(timelineOfTank(desk.tankId)).data?.today
  const tanks = (useQuery(allTanks()).data ?? []).filter(({ id }) => id !== desk.tankId)
  const [chosen, setChosen] = useState<string | null>(null)
  const [count, setCount] = useState<number | null>(group.count)
  const [isBusy, setBusy] = useState(false)
  const to = tanks.find(({ id }) => id === chosen) ?? tanks[0]
  const name = nameOfSpecies(species)
  const isSound = count !== null && count >= 1 && count <= group.count

  const move = async (target: TankEntry, moved: number): Promise<void> => {
    setBusy(true)
    try {
      await changePlan(target.id, (plan) => {
        const age = Math.max(0, daysBetween(plan.startedOn, todayOn ?? civilDate(new Date(), plan.timeZone)))
        return received(plan, species, moved, age, desk.plan.name.slice(0, 80))
      })
    } catch {
      setBusy(false)
      notice({ text: text.failed(target.plan.name), isLasting: true })
      return
    }
    void client.invalidateQueries({ queryKey: ['tanks'] })
    desk.changeFromToday((plan) => ({
      ...plan,
      animals: {
        ...plan.animals,
        groups: plan.animals.groups.map((one) => (one.id === group.id ? { ...one, count: (one.count ?? moved) - moved } : one)),
      },
    }))
    notice({ text: text.done(significant(moved), name, target.plan.name) })
    onClose()
  }
  return (
    <SheetDialog title={text.title(name)} isOpen onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 2, minWidth: { sm: 360 } }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {text.title(name)}
        </Box>
        {to === undefined ? (
          <Box>{text.noOther}</Box>
        ) : (
          <>
            <TextField
              select
              label={text.to}
              value={to.id}
              onChange={({ target }) => setChosen(target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
            >
              {tanks.map(({ id, plan }) => (
                <MenuItem key={id} value={id}>
                  {plan.name}
                </MenuItem>
              ))}
            </TextField>
            <NumberField
              question="animals/move"
              label={text.count}
              why={text.note}
              dimension="count"
              range={[1, group.count]}
              isWhole
              canBeUnknown={false}
              value={count}
              onChange={setCount}
            />
            <Box sx={{ fontSize: 14 }}>{text.note}</Box>
          </>
        )}
        <Box sx={{ display: 'flex', gap: 1 }}>
          {to !== undefined && (
            <Button variant="contained" disabled={!isSound || isBusy} onClick={() => count !== null && void move(to, count)}>
              {text.go}
            </Button>
          )}
          <Button onClick={onClose}>{appWords.cancel}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
