import { refusalWords } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { ProcessEnded, processes } from '../longWork/processes.js'
import { unwatched } from '../longWork/works.js'
import type { Developed } from './develop.js'
import { pictureKind } from './pictureKind.js'

const DARKROOM = new URL('./develop.process.ts', import.meta.url)
const PATIENCE_MS = 20_000

export interface DeveloperOptions {
  /** A picture that takes longer is given up [ms]. */
  readonly patienceMs?: number
  readonly darkroom?: URL
}

/** Develops pictures in a process of its own, one after another. One that hangs or falls is ended, and the next picture gets a new process. */
export const developer = ({ patienceMs = PATIENCE_MS, darkroom = DARKROOM }: DeveloperOptions = {}) => {
  const apart = processes({ most: 1, mostWaiting: 8, patienceMs })
  return {
    /** Refuses what is none of the four kinds of picture before any decoder sees it. */
    develop: async (upload: Buffer): Promise<Developed> => {
      if (pictureKind(upload) === null) throw new Refusal(415, 'not_a_picture', refusalWords.notPicture)
      try {
        return await apart.run<Developed>(darkroom, { upload }, unwatched())
      } catch (error) {
        if (error instanceof ProcessEnded)
          throw new Refusal(415, 'not_a_picture', error.isSlow ? refusalWords.pictureSlow : refusalWords.notPicture)
        throw error
      }
    },
    close: apart.close,
  }
}
export type Developer = ReturnType<typeof developer>
