/** How much is taken at a time. Said before a file is sent, held where it comes in, and the same for every way in: what goes out through one comes back through another. */

/** Signs of a name, a reason, a note. */
export const NAME_MOST = 40
export const REASON_MOST = 500
export const NOTE_MOST = 4000

/** Bytes of a tank's file, of a table of readings and of a picture, and rows of a table. */
export const TANK_FILE_MOST_BYTES = 64 * 1024 ** 2
/** With its pictures. */
export const TANK_ALBUM_MOST_BYTES = 8 * 1024 ** 3
export const READINGS_MOST_BYTES = 16 * 1024 ** 2
export const READINGS_MOST_ROWS = 100_000
export const PICTURE_MOST_BYTES = 40 * 1024 ** 2
/** Characters and rows of a file of plants. */
export const PLANT_FILE_MOST_BYTES = 4 * 1024 ** 2
export const PLANT_FILE_MOST_ROWS = 5000
export const BACKUP_MOST_BYTES = 16 * 1024 ** 3

/** Entries that cannot be read are listed up to this number; there may be more. */
export const UNREADABLE_TOLD = 200

/** Dated settings of one tank: two changes of five fields a week, for twenty years. */
export const SETTINGS_MOST = 10_000
