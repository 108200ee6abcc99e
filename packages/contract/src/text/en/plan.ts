import type { PlanSheet, SupplySheet } from '@jovrin/core'

export const planSheetWords = {
  intent: 'Intent',
  vessel: 'Vessel',
  ground: 'Ground',
  hardscape: 'Hardscape',
  planting: 'Planting',
  animals: 'Animals',
  supply: 'Description',
  kit: 'Kit',
  shopping: 'Shopping',
  programme: 'Programme',
} satisfies Record<PlanSheet, string>

export const supplySheetWords = { light: 'Light', gas: 'Gas', feed: 'Feed', water: 'Water' } satisfies Record<SupplySheet, string>
