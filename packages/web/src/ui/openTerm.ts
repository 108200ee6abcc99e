import { createContext } from 'react'

/** Opens the glossary at a term; `null` where there is none around. */
export const OpenTermContext = createContext<((term: string) => void) | null>(null)
