import { refusedWords } from '@jovrin/contract'
import type { OutlineFault } from '@jovrin/core'

const RULE = { 'few-points': 'outline_few_points', 'no-area': 'outline_no_area', 'crosses-itself': 'outline_crosses_itself' } as const

/** Why an outline is not taken, in the words that the boundary uses too. */
export const outlineFaultText = (fault: OutlineFault): string => refusedWords.rules[RULE[fault]]
