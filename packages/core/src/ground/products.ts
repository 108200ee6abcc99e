import type { GroundKind } from '../plan/plan.js'

/** A bag of ground or a pack of root tabs that can be bought; the user's own entries, and generic samples to begin with. */
export type Product =
  | {
      readonly id: string
      readonly kind: 'ground'
      readonly name: string
      readonly ground: GroundKind
      readonly bagL: number
      readonly bulkKgPerL: number | null
      readonly porosity: number | null
      readonly price: number | null
    }
  | {
      readonly id: string
      readonly kind: 'tab'
      readonly name: string
      readonly pack: number
      readonly price: number | null
      readonly renewDays: number
    }

/** Nobody's goods: sizes that shops carry, without prices. Their names are the catalogue's to say. */
export const SAMPLE_PRODUCTS: readonly Product[] = [
  { id: 'sample-rich-9', kind: 'ground', name: '', ground: 'rich-soil', bagL: 9, bulkKgPerL: 0.92, porosity: 0.5, price: null },
  { id: 'sample-rich-3', kind: 'ground', name: '', ground: 'rich-soil', bagL: 3, bulkKgPerL: 0.92, porosity: 0.5, price: null },
  { id: 'sample-lean-9', kind: 'ground', name: '', ground: 'lean-soil', bagL: 9, bulkKgPerL: 0.92, porosity: 0.5, price: null },
  { id: 'sample-garden-10', kind: 'ground', name: '', ground: 'capped-soil', bagL: 10, bulkKgPerL: 0.6, porosity: 0.55, price: null },
  { id: 'sample-sand-6', kind: 'ground', name: '', ground: 'sand', bagL: 6, bulkKgPerL: 1.57, porosity: 0.39, price: null },
  { id: 'sample-gravel-6', kind: 'ground', name: '', ground: 'gravel', bagL: 6, bulkKgPerL: 1.52, porosity: 0.4, price: null },
  { id: 'sample-base-5', kind: 'ground', name: '', ground: 'porous-base', bagL: 5, bulkKgPerL: 0.6, porosity: 0.55, price: null },
  { id: 'sample-tab-10', kind: 'tab', name: '', pack: 10, price: null, renewDays: 90 },
  { id: 'sample-tab-30', kind: 'tab', name: '', pack: 30, price: null, renewDays: 90 },
]
