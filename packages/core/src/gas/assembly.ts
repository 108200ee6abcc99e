import type { Diffuser, GasLine } from '../plan/plan.js'

/** Steps of putting a gas kit together, in their order. */
export const ASSEMBLY_STEPS = [
  'room',
  'cylinder',
  'seal',
  'shut',
  'regulator',
  'open',
  'leak-cylinder',
  'working-pressure',
  'line',
  'counter',
  'check-valve',
  'in-tank',
  'in-line',
  'reactor',
  'needle',
  'leak-line',
  'timer',
  'controller',
  'indicator',
  'weigh',
] as const
export type AssemblyStep = (typeof ASSEMBLY_STEPS)[number]

const OF_DIFFUSER: Readonly<Partial<Record<AssemblyStep, Diffuser>>> = { 'in-tank': 'in-tank', 'in-line': 'in-line', reactor: 'reactor' }

/** The steps that a line's kit has. A diffuser that nobody told stands in the tank. A line on another tank's cylinder begins at its own needle; the controller's step comes with a controller, the clock's with both. */
export function assemblyOf({ control, diffuser, sharedWith }: Pick<GasLine, 'control' | 'diffuser' | 'sharedWith'>): AssemblyStep[] {
  const own = new Set<AssemblyStep>(OF_CYLINDER)
  return ASSEMBLY_STEPS.filter((step) => {
    if (step === 'controller') return control === 'controller'
    if (sharedWith !== null && own.has(step)) return false
    const kind = OF_DIFFUSER[step]
    return kind === undefined || kind === (diffuser ?? 'in-tank')
  })
}
const OF_CYLINDER: readonly AssemblyStep[] = ['cylinder', 'seal', 'shut', 'regulator', 'open', 'leak-cylinder', 'working-pressure', 'weigh']
