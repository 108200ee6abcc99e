import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { NO_DEEDS, type Deeds } from '../ecosystem/deeds.js'
import { simulate } from '../ecosystem/simulate.js'
import { ALGAE_GUILDS, DIATOM } from '../ecosystem/state.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Patch, Plan } from '../plan/plan.js'
import { airShareOf } from '../planting/airShare.js'
import { PLANT_KIND } from '../planting/kinds.js'
import { lightSettingOf, withLight } from './lightSteps.js'
import { startEndDay } from '../plan/startPhase.js'
import { programmed } from './programmed.js'

/** How densely a tank is planted for its light, by the model's common tank over its first weeks. */
export interface StartDensity {
  /** Algae at their most, against the same tank planted densely. Brown dust of young tanks is left out: it comes and goes by itself. */
  readonly algaeRatio: number
  readonly isThin: boolean
  /** Pots of fast stems more on the planting day that make up for it; `null` where none are needed, or where no number of them does. */
  readonly morePots: number | null
  /** Power of the brightest lamp that makes up for it until the plants have closed; `null` as above. */
  readonly dimFraction: number | null
}

/** The first two weeks are the same in any tank: spores settle. */
const FROM_DAY = 14
const DAYS = 56
/** A floor planted to 70 %, half of it fast stems: the usual dense start. Rule of thumb. */
const DENSE: readonly Patch[] = (['carpet', 'stems'] as const).map((kind) => ({
  id: kind,
  kind,
  footFraction: 0.35,
  density: 'full',
  pots: null,
}))
/** More algae than so many times a dense start's are told of. Rule of thumb 1.3–2: with half the plants it is about 1.2. */
const THIN = 1.5
/** What makes up for a thin start leaves no more than this. */
const MENDED = 1.3
const DIM_STEP = 0.05
const LEAST_DIM = 0.25

/** `null` where nothing is planted. Deterministic; runs the model some twenty times over eight weeks. */
export function startDensity(plan: Plan): StartDensity | null {
  if (plan.patches.length === 0 && plan.beds.length === 0) return null
  const denseG = mostAlgaeG({ ...plan, beds: [], flora: [], patches: DENSE })
  const ratioOf = (changed: Plan, deeds: Deeds = NO_DEEDS): number => mostAlgaeG(changed, deeds) / denseG
  const algaeRatio = ratioOf(plan)
  if (algaeRatio <= THIN) return { algaeRatio, isThin: false, morePots: null, dimFraction: null }
  return {
    algaeRatio,
    isThin: true,
    morePots: leastPots(plan, (pots) => ratioOf(plan, potsAtStart(plan, pots)) <= MENDED),
    dimFraction: mostPower(plan, (dimmed) => ratioOf(dimmed) <= MENDED),
  }
}

/** Algae without brown dust at their most after the first two weeks [g], with the programme of the first weeks in force. */
function mostAlgaeG(plan: Plan, deeds: Deeds = NO_DEEDS): number {
  const { timeline } = programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null })
  const end = startEndDay(plan)
  const days = end + DAYS
  const { forcing, startState, parameters } = compile({ timeline, days, stepMin: 60, deeds })
  const { rows } = simulate({ forcing, startState, parameters, days })
  let most = 0
  for (let day = end + FROM_DAY; day < days; day++) {
    let algaeG = 0
    for (let guild = 0; guild < ALGAE_GUILDS.length; guild++) if (guild !== DIATOM) algaeG += rows[day * DAY_STRIDE + DAY.algaeG + guild]!
    most = Math.max(most, algaeG)
  }
  return most
}

const potsAtStart = (plan: Plan, pots: number): Deeds => ({
  omitted: [],
  acts: [
    {
      kind: 'plant',
      day: plan.start.method === 'dark' ? startEndDay(plan) : 0,
      minute: 0,
      plantKind: 'stems',
      dryG: pots * PLANT_KIND.stems.potG,
      airShare: airShareOf('stems', 'in-air'),
      isOnOwnGround: true,
    },
  ],
})

/** As many pots as a whole floor of dense stems takes are the most that is tried. */
function leastPots(plan: Plan, isEnough: (pots: number) => boolean): number | null {
  const most = Math.ceil((tankFigures(plan).surfaceM2 * PLANT_KIND.stems.startGPerM2.full) / PLANT_KIND.stems.potG)
  if (!isEnough(most)) return null
  let [few, enough] = [0, most]
  while (enough - few > 1) {
    const middle = (few + enough) >> 1
    if (isEnough(middle)) enough = middle
    else few = middle
  }
  return enough
}
function mostPower(plan: Plan, isEnough: (dimmed: Plan) => boolean): number | null {
  const { hours, dimFraction } = lightSettingOf(plan)
  const steps = Array.from({ length: 20 }, (_, step) => Math.round((1 - step * DIM_STEP) * 100) / 100)
  const darker = steps.filter((power) => power < dimFraction - DIM_STEP / 2 && power >= LEAST_DIM)
  return darker.find((power) => isEnough(withLight(plan, { hours, dimFraction: power }))) ?? null
}
