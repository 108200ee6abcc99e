import { appWords, lightWords, supplySheetWords } from '@jovrin/contract'
import { SUPPLY_SHEETS } from '@jovrin/core'
import { useMemo } from 'react'
import { Navigate, useParams } from 'react-router'
import { PlanDesk } from '../PlanDesk.js'
import type { SheetTabs } from '../PlanBar.js'
import { addressOfSheet, isSupplySheet } from '../../shared/sheetPlace.js'
import { FeedSheet } from './feed/FeedSheet.js'
import { GasSheet } from './gas/GasSheet.js'
import { LightSheet } from './light/LightSheet.js'
import { WaterSheet } from './water/WaterSheet.js'

/** What a tank is supplied with, a sheet each. */
export function SupplyPlace() {
  const { tankId = '', sheet = '' } = useParams()
  const tabs = useMemo(
    (): SheetTabs => ({
      title: appWords.places.supply,
      label: lightWords.sheetsLabel,
      tabs: SUPPLY_SHEETS.map((one) => ({ to: addressOfSheet(tankId, one), name: supplySheetWords[one], isEnd: false })),
    }),
    [tankId],
  )
  if (!isSupplySheet(sheet)) return <Navigate to={addressOfSheet(tankId, 'light')} replace />
  return (
    <PlanDesk tankId={tankId} tabs={tabs}>
      {(desk, age) =>
        sheet === 'gas' ? (
          <GasSheet desk={desk} age={age} />
        ) : sheet === 'feed' ? (
          <FeedSheet desk={desk} age={age} />
        ) : sheet === 'water' ? (
          <WaterSheet desk={desk} age={age} />
        ) : (
          <LightSheet desk={desk} age={age} />
        )
      }
    </PlanDesk>
  )
}
