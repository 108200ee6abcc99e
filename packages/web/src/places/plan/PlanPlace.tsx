import { appWords, planSheetWords, planWords } from '@jovrin/contract'
import { PLAN_SHEETS, type PlanSheet } from '@jovrin/core'
import { lazy, Suspense, useMemo } from 'react'
import { useParams } from 'react-router'
import { QueryState } from '../../ui/QueryState.js'
import { DescribeSheet } from './describe/DescribeSheet.js'
import type { Desk } from './desk.js'
import type { SheetTabs } from './PlanBar.js'
import { PlanDesk } from './PlanDesk.js'

export function PlanPlace() {
  const { tankId = '', sheet } = useParams()
  const tabs = useMemo(
    (): SheetTabs => ({
      title: appWords.places.describe,
      label: planWords.sheetsLabel,
      tabs: [
        { to: `/tanks/${tankId}/plan`, name: planWords.whole, isEnd: true },
        ...PLAN_SHEETS.filter((one) => one !== 'supply').map((one) => ({
          to: `/tanks/${tankId}/plan/${one}`,
          name: planSheetWords[one],
          isEnd: false,
        })),
      ],
    }),
    [tankId],
  )
  return (
    <PlanDesk tankId={tankId} tabs={tabs}>
      {(desk, age) => <PlanSheetView sheet={sheet} desk={desk} age={age} />}
    </PlanDesk>
  )
}

const SHEETS = {
  intent: lazy(async () => ({ default: (await import('./intent/IntentSheet.js')).IntentSheet })),
  vessel: lazy(async () => ({ default: (await import('./vessel/VesselSheet.js')).VesselSheet })),
  ground: lazy(async () => ({ default: (await import('./ground/GroundSheet.js')).GroundSheet })),
  hardscape: lazy(async () => ({ default: (await import('./hardscape/HardscapeSheet.js')).HardscapeSheet })),
  planting: lazy(async () => ({ default: (await import('./planting/PlantingSheet.js')).PlantingSheet })),
  animals: lazy(async () => ({ default: (await import('./animals/AnimalsSheet.js')).AnimalsSheet })),
  kit: lazy(async () => ({ default: (await import('./kit/KitSheet.js')).KitSheet })),
  shopping: lazy(async () => ({ default: (await import('./shopping/ShoppingSheet.js')).ShoppingSheet })),
  programme: lazy(async () => ({ default: (await import('./programme/ProgrammeSheet.js')).ProgrammeSheet })),
} as const satisfies Record<Exclude<PlanSheet, 'supply'>, unknown>

function PlanSheetView({ sheet, desk, age }: { sheet: string | undefined; desk: Desk; age: number }) {
  if (sheet === undefined || sheet === 'supply' || !(PLAN_SHEETS as readonly string[]).includes(sheet))
    return <DescribeSheet tankId={desk.tankId} age={age} head={null} />
  const Sheet = SHEETS[sheet as keyof typeof SHEETS] // just checked
  return (
    <Suspense fallback={<QueryState error={null} onRetry={() => undefined} />}>
      <Sheet desk={desk} />
    </Suspense>
  )
}
