import { useSyncExternalStore } from 'react'
import { outbox, type Waiting } from './outbox.js'

/** What waits on this device to be sent. */
export const useOutbox = (): readonly Waiting[] => useSyncExternalStore(outbox.subscribe, outbox.list)
