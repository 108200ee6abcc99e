import { marked } from 'marked'
import source from '../../../../../docs/guide.md?raw'

/** A part of the guide under one of its headings. */
export interface GuideSection {
  readonly id: string
  readonly title: string
  readonly html: string
  /** As it is searched. */
  readonly text: string
}

const idOf = (title: string): string =>
  title
    .toLowerCase()
    .replace(/\(.*?\)/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
    .replaceAll(' ', '-')

/** The guide that the project keeps, by its headings. */
export const GUIDE: readonly GuideSection[] = source
  .split(/^## /m)
  .slice(1)
  .map((part) => {
    const [title = '', ...lines] = part.split('\n')
    const body = lines.join('\n').trim()
    // Our own text, kept beside the code: nothing that a reader typed comes this way.
    return { id: idOf(title), title, html: marked.parse(body, { async: false }), text: `${title} ${body.replace(/[*`#]/g, '')}` }
  })

/** Where the guide speaks of the place that an address shows. */
const OF_PLACE: Readonly<Record<string, string>> = {
  '': 'describe-a-tank',
  new: 'describe-a-tank',
  plan: 'plan-a-build',
  supply: 'light',
  balance: 'read-the-balance',
  journal: 'keep-a-journal',
  calendar: 'today-calendar',
  today: 'today-calendar',
  answers: 'gas-judged-once',
  workings: 'keys',
  library: 'plan-a-build',
  settings: 'files-and-backups',
}
export function sectionOf(pathname: string): string | null {
  const [first = '', , third] = pathname.split('/').filter((part) => part !== '')
  return OF_PLACE[first === 'tanks' ? (third ?? '') : first] ?? null
}
