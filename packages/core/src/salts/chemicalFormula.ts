import { ATOMIC_WEIGHT, type Element } from '../quantity/physicalConstants.js'

export type AtomCount = Partial<Record<Element, number>>

/** Counts the atoms of a formula such as `Mg(NO3)2.6H2O`; hydrate water stands after a full stop. Throws on an unknown element. */
export function atomsOf(formula: string): AtomCount {
  const total: AtomCount = {}
  for (const part of formula.split('.')) {
    const [, multiplier = '', body = ''] = /^(\d*)(.*)$/.exec(part) ?? []
    addAtoms(total, groupAtoms(body), multiplier === '' ? 1 : Number(multiplier))
  }
  return total
}

function groupAtoms(body: string): AtomCount {
  const stack: AtomCount[] = [{}]
  for (const [, element, open, close, count = ''] of body.matchAll(/(?:([A-Z][a-z]?)|(\()|(\)))(\d*)/g)) {
    const times = count === '' ? 1 : Number(count)
    if (open !== undefined) stack.push({})
    else if (close !== undefined) {
      const inner = stack.pop() ?? {}
      addAtoms(top(stack), inner, times)
    } else if (element !== undefined) {
      if (!(element in ATOMIC_WEIGHT)) throw new Error(`unknown element ${element} in ${body}`)
      addAtoms(top(stack), { [element]: 1 }, times)
    }
  }
  return top(stack)
}

function top(stack: readonly AtomCount[]): AtomCount {
  const last = stack.at(-1)
  if (last === undefined) throw new Error('a bracket closes that never opened')
  return last
}

function addAtoms(into: AtomCount, from: AtomCount, times: number): void {
  for (const [element, count] of Object.entries(from) as [Element, number][]) into[element] = (into[element] ?? 0) + count * times
}

/** Molar mass [g/mol]. */
export function molarMass(formula: string): number {
  return Object.entries(atomsOf(formula)).reduce((sum, [element, count]) => sum + ATOMIC_WEIGHT[element as Element] * count, 0)
}
