import { z } from 'zod'

export const SignIn = z.strictObject({ passphrase: z.string().min(1).max(1000) })
export const SessionReport = z.object({
  /** The server is open to the local network. */
  isLan: z.boolean(),
  isSignedIn: z.boolean(),
  /** Goes into a calendar's address, where a program cannot sign in. */
  calendarKey: z.string().nullable(),
  addresses: z.array(z.string()),
})
export type SessionReport = z.output<typeof SessionReport>
