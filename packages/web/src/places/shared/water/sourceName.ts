import { sourceKindWords } from '@jovrin/contract'
import type { WaterSource } from '@jovrin/core'

/** A source as its grower calls it, else by its kind. */
export const sourceName = ({ name, kind }: Pick<WaterSource, 'name' | 'kind'>): string => (name === '' ? sourceKindWords[kind] : name)
