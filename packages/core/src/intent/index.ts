export {
  LEVEL,
  levelCosts,
  proposedLevel,
  type Proposal,
  type UnmetReason,
  SUPPLY_LEVELS,
  upkeepHours,
  withSupplyLevel,
  type LevelCost,
  type SupplyLevel,
} from './supplyLevel.js'
export { fromTemplate, templateFacts, TEMPLATES, type Template } from './templates.js'
export { openUpkeep } from './upkeep.sums.js'
