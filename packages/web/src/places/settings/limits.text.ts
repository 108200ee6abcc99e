import { significant } from '../../ui/units.js'
import { locale } from '../../ui/locale.js'

/** A limit of bytes as people are told it. */
export const megabytes = (bytes: number): string => significant(bytes / 1024 ** 2, 4)

/** A large whole number with its thousands apart, where no decimal mark can be meant. */
export const many = (count: number): string => new Intl.NumberFormat(locale()).format(count)
