import { develop, type Developed } from './develop.js'

/** A process of its own, so that a decoder that hangs or falls takes nobody along. */
export type DevelopAnswer = { readonly done: Developed } | { readonly isUnreadable: true }

process.on('message', (upload: Buffer) => {
  void develop(upload)
    .then((done): DevelopAnswer => ({ done }))
    .catch((): DevelopAnswer => ({ isUnreadable: true }))
    .then((answer) => process.send?.(answer))
})
process.once('disconnect', () => process.exit())
