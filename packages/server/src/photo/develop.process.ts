import { refusalWords } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { task } from '../longWork/task.js'
import { develop, type Developed } from './develop.js'

export default task<{ readonly upload: Buffer }, Developed>(({ upload }) =>
  develop(upload).catch(() => {
    throw new Refusal(415, 'not_a_picture', refusalWords.notPicture)
  }),
)
