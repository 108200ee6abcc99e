import type { SystemStyleObject, Theme } from '@mui/system'

export interface FieldProps {
  readonly label?: string
  /** Said in place of a label where the table's head or the sentence around names the field. */
  readonly name?: string
  readonly title?: string
  readonly helperText?: string
  /** Why whoever holds the value does not take it, where the day by itself is one. */
  readonly fault?: string | null
  /** The question may stay without an answer. */
  readonly canBeEmpty?: boolean
  readonly autoFocus?: boolean
  /** Name of the question, by which a margin note finds its explanation. */
  readonly question?: string
  readonly sx?: SystemStyleObject<Theme>
  /** The gesture ended: the field was left, or a day was chosen from the sheet. */
  readonly onCommit?: () => void
}

export interface DateFieldProps extends FieldProps {
  /** YYYY-MM-DD or HH:MM; empty where there is none. */
  readonly value: string
  /** First and last day that it takes; without them those of a plan. */
  readonly min?: string
  readonly max?: string
  /** Why nothing before the first day. */
  readonly early?: string
  /** While it is typed; empty while it is no day or none that the field takes. */
  readonly onChange: (value: string) => void
}

export interface MomentFieldProps extends FieldProps {
  /** ISO instant; empty where there is none. */
  readonly value: string
  readonly timeZone: string
  readonly onChange: (at: string) => void
}
