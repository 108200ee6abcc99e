import { uuidV7 } from '@jovrin/core'

/** An id for something new. Needs no secure context, which a phone on the local network has not. */
export const newId = (nowMs = Date.now()): string => uuidV7(nowMs, crypto.getRandomValues(new Uint8Array(16)))
