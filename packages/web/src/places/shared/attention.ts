import type { RoundStop } from '@jovrin/contract'
import type { Attention } from '@jovrin/core'

/** What presses besides the gas, which has a line of its own. */
export const attentionBesideGas = ({ attention, gas }: RoundStop): Attention[] =>
  attention.filter((name) => name !== 'gas' && (name !== 'animals' || gas.verdict !== 'suffering'))
