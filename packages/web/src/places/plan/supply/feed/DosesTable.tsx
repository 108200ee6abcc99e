import { feedSheetWords, nutrientWords, portionText, weekdayWords } from '@jovrin/contract'
import {
  datePlusDays,
  FEED_NUTRIENTS,
  FEED_PARTNERS,
  feedPhasesOf,
  fullAmounts,
  isTrace,
  jobPortion,
  SCHOOL,
  shareOf,
  nutrientsBy,
  weekRecipe,
  type FeedRecipe,
  type LaidPhase,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { percent, shortDate, significant, useUnits, type Units } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { levelsText } from './nutrientText.js'
import { productName } from '../../../shared/productName.js'

/** Less is rounding. */
const MISS = 0.02

/** What is weighed or poured in each phase, what it brings in a week, and what falls short. */
export function DosesTable({ desk: { plan, figures }, age }: { readonly desk: Desk; readonly age: number }) {
  const text = feedSheetWords
  const units = useUnits()
  const phases = useMemo(() => feedPhasesOf(plan), [plan])
  const isNow = ({ fromDay, toDay }: LaidPhase): boolean => age >= fromDay && age < toDay
  if (plan.feeding === 'none') return <Box sx={{ fontSize: 14 }}>{text.nothingFed}</Box>
  return (
    <Box
      component="table"
      className="figures"
      aria-label={text.dosesTitle}
      sx={{
        width: '100%',
        fontSize: 14,
        mt: 1,
        '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
        '& td': { pr: 1.5, verticalAlign: 'top', borderTop: '1px solid var(--hair)' },
      }}
    >
      <HeadRow heads={text.doseHead} />
      <tbody>
        {phases.map((phase) => (
          <Box component="tr" key={phase.fromDay} sx={isNow(phase) ? {} : { color: 'text.secondary' }}>
            <td>
              {text.fromDay(significant(phase.fromDay), shortDate(datePlusDays(plan.startedOn, phase.fromDay)))}
              {isNow(phase) && <strong> {text.holdsNow}</strong>}
            </td>
            {SCHOOL[plan.feeding].kind === 'level' ? (
              <td colSpan={2}>
                {text.measured(
                  levelsText(
                    units,
                    nutrientsBy((nutrient) => shareOf(phase.share, nutrient) * fullAmounts(plan)[nutrient]),
                  ),
                )}
              </td>
            ) : (
              <Phase plan={plan} phase={phase} waterL={figures.waterL} />
            )}
          </Box>
        ))}
      </tbody>
    </Box>
  )
}

function Phase({ plan, phase, waterL }: { readonly plan: Desk['plan']; readonly phase: LaidPhase; readonly waterL: number }) {
  const text = feedSheetWords
  const units = useUnits()
  const recipe = useMemo(() => weekRecipe(plan, phase.share), [plan, phase.share])
  const { macroDays, traceDays } = plan.feed
  const times = (days: readonly string[]): number => (days.length === 0 ? 7 : days.length)
  const daysTold = (days: typeof macroDays): string =>
    days.length === 0 ? text.everyDay : text.timesMacro(days.map((day) => weekdayWords[day]).join(', '))
  const comesAlong = along(recipe, units)
  const groups = [
    { days: macroDays, portions: recipe.portions.filter(({ content }) => !isTrace(content)) },
    { days: traceDays, portions: recipe.portions.filter(({ content }) => isTrace(content)) },
  ].filter(({ portions }) => portions.length > 0)
  return (
    <>
      <td>
        {groups.length === 0 && text.noDose}
        {groups.map(({ days, portions }, at) => (
          <div key={at}>
            {portions
              .map(({ product, content: { unit }, perL }) =>
                portionText(jobPortion({ product, unit, perL: perL / times(days) }, waterL), units.reader),
              )
              .join(' · ')}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {' '}
              {daysTold(days)}
            </Box>
          </div>
        ))}
        {recipe.waiting.length > 0 && (
          <Box sx={{ color: 'text.secondary' }}>{text.waiting(recipe.waiting.map((product) => productName(product)).join(', '))}</Box>
        )}
      </td>
      <td>
        {levelsText(units, recipe.givenMgPerL)}
        {missesOf(recipe).map((miss) => (
          <Box key={miss} sx={{ color: 'var(--algae)' }}>
            {miss}
          </Box>
        ))}
        {comesAlong !== '' && <Box sx={{ color: 'text.secondary' }}>{text.alongTold(comesAlong)}</Box>}
      </td>
    </>
  )
}

/** Which nutrients fall short of what is wanted or pass it, and by how much. Fast nitrogen of a bottle counts with the nitrate. */
function missesOf({ wantedMgPerL, givenMgPerL }: FeedRecipe): string[] {
  const text = feedSheetWords
  const isFast = wantedMgPerL.ammoniumN > 0
  return FEED_NUTRIENTS.flatMap((nutrient) => {
    const wanted = wantedMgPerL[nutrient]
    const given = nutrient === 'nitrateN' && !isFast ? givenMgPerL.nitrateN + givenMgPerL.ammoniumN : givenMgPerL[nutrient]
    if (wanted === 0 || Math.abs(given / wanted - 1) < MISS) return []
    const share = `${percent(Math.abs(given / wanted - 1))} %`
    return [given < wanted ? text.short(nutrientWords[nutrient], share) : text.over(nutrientWords[nutrient], share)]
  })
}
/** Sulfate comes with every second salt and harms nobody: told from a few mg/L on. */
const TOLD_FROM_MG_PER_L = 0.5
const along = ({ partnersMgPerL }: FeedRecipe, units: Units): string =>
  FEED_PARTNERS.filter((partner) => partnersMgPerL[partner] > (partner === 'copper' ? 1e-4 : TOLD_FROM_MG_PER_L))
    .map((partner) => `${feedSheetWords.partners[partner]} ${units.show('concentration', partnersMgPerL[partner], 2)}`)
    .join(', ')
