import { planSheetWords, supplySheetWords } from '@jovrin/contract'
import { SUPPLY_SHEETS, type Sheet, type SupplySheet } from '@jovrin/core'

export const isSupplySheet = (sheet: string): sheet is SupplySheet => (SUPPLY_SHEETS as readonly string[]).includes(sheet)

/** Where a sheet of a tank is worked on, and what it is called there. */
export const addressOfSheet = (tankId: string, sheet: Sheet): string =>
  isSupplySheet(sheet)
    ? `/tanks/${tankId}/supply/${sheet}`
    : sheet === 'supply'
      ? `/tanks/${tankId}/plan`
      : `/tanks/${tankId}/plan/${sheet}`
export const sheetName = (sheet: Sheet): string => (isSupplySheet(sheet) ? supplySheetWords[sheet] : planSheetWords[sheet])
