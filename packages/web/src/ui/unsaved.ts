import { createContext, useContext } from 'react'

/** How a form tells the sheet around it that something is typed and not saved. */
export const UnsavedContext = createContext<(isUnsaved: boolean) => void>(() => undefined)
export const useUnsaved = (): ((isUnsaved: boolean) => void) => useContext(UnsavedContext)
