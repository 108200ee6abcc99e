export { gasFactsOf, plannedCo2, standingAcids, type GasFacts } from './gas/facts.js'
export {
  GAS_DOUBTS,
  GAS_MOMENTS,
  GAS_SOURCES,
  type GasDoubt,
  type GasEvidence,
  type GasMoment,
  type GasSource,
  type TakenInputs,
} from './gas/evidence.js'
export { compareWays, GAS_APART, type GasApart, type GasCompared, type GasMeasured } from './gas/compareWays.js'
export { DISTRUSTED_DKH, GAS_EVIDENCE_MS } from './gas/gather.js'
export {
  GAS_ADVICE,
  GAS_SEVERITIES,
  GAS_VERDICTS,
  judgeGas,
  type GasAdvice,
  type GasJudgement,
  type GasSeverity,
  type GasSupply,
  type GasVerdict,
} from './gas/judgeGas.js'
export {
  bestTrials,
  TRIAL_MEMBERS,
  TRIAL_WEEKS,
  TRIALS,
  trialsOf,
  type MemberTrials,
  type Trial,
  type TrialCode,
  type TrialEffect,
} from './tryFirst.js'
export { areAnimalsSeen } from './gas/suffering.js'
export {
  judgeNitrogen,
  NITROGEN_DANGERS,
  nitrogenClearAt,
  READINESS,
  UNIONISED_HARM,
  UNIONISED_TROUBLE,
  type NitrogenDanger,
  type NitrogenFacts,
  type NitrogenJudgement,
  type Readiness,
} from './judgeNitrogen.js'
export {
  alkalinityMend,
  CYCLE_CONDITIONS,
  CYCLE_STATES,
  judgeDarkCycle,
  type CycleCondition,
  type CycleQuantity,
  type CycleState,
  type DarkCycle,
} from './darkCycle.js'
export { attentionOf, ATTENTIONS, type Attention } from './attention.js'
export { againstForecast, type Fit, type FitSide } from './againstForecast.js'
export { stockingAhead, stockingMember, type AheadTask, type MemberAhead, type StockingAhead } from './stocking/ahead.js'
export {
  GATE_ANSWERS,
  GATE_CHECKS,
  GATE_VERDICTS,
  HUNGRY_MG_PER_DAY,
  judgeGate,
  usualOrder,
  type Gate,
  type GateAnswer,
  type GateCheck,
  type GateCheckKind,
  type GateFacts,
} from './stocking/gate.js'
export { gasAtGate } from './stocking/gasAtGate.js'
export { inGroups } from './stocking/inGroups.js'
export {
  COOL_PLANTS_C,
  DIMMED_SHARE,
  FAN_WORTH_K,
  HEAT_UNSURE_K,
  heatWave,
  type HeatForecast,
  type HeatWave,
  type HotWater,
  type Sufferer,
} from './weather/heatWave.js'
export { powerCut, RINSE_AFTER_H, type PowerCut } from './weather/powerCut.js'
