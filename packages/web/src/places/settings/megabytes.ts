import { significant } from '../../ui/units.js'

/** A limit of bytes as people are told it. */
export const megabytes = (bytes: number): string => significant(bytes / 1024 ** 2, 4)
