import { feedSheetWords, nameIn, saltWords } from '@jovrin/contract'
import type { FeedProduct } from '@jovrin/core'

/** A product by its own name, else by its salt. */
export const productName = ({ name, salt }: FeedProduct): string =>
  name !== '' ? name : salt === null ? feedSheetWords.unnamed : nameIn(saltWords, salt)
