import { RowMappingSchema, type RowMappingChoice } from '@jovrin/contract'
import { z } from 'zod'

const STORE = 'jovrin.mappings'
const MOST = 20
const Remembered = z.array(z.tuple([z.string(), RowMappingSchema]))

/** How files with the same first row were mapped before; newest first. Kept on this device: files come from here. */
function stored(): [string, RowMappingChoice][] {
  try {
    return Remembered.parse(JSON.parse(localStorage.getItem(STORE) ?? '[]'))
  } catch {
    return [] // storage may be off, or hold what an older version wrote
  }
}
const signOf = (text: string): string => (text.replace(/^\uFEFF/, '').split(/\r?\n/)[0] ?? '').trim().toLowerCase()

export const rememberedMapping = (text: string): RowMappingChoice | null => stored().find(([sign]) => sign === signOf(text))?.[1] ?? null

export function rememberMapping(text: string, mapping: RowMappingChoice): void {
  const others = stored().filter(([sign]) => sign !== signOf(text))
  try {
    localStorage.setItem(STORE, JSON.stringify([[signOf(text), mapping], ...others].slice(0, MOST)))
  } catch {
    // Without storage the next file is guessed again.
  }
}
