import { nameIn, saltWords } from '@jovrin/contract'
import { SALT_IDS, type SaltId } from '@jovrin/core'
import { locale } from '../../../../ui/locale.js'

/** Salts by name, in the order of their names. */
export const saltOptions = (): readonly (readonly [SaltId, string])[] =>
  SALT_IDS.map((salt) => [salt, nameIn(saltWords, salt)] as const).toSorted(([, a], [, b]) => a.localeCompare(b, locale()))
