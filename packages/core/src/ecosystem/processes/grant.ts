/** Share of what is wanted [mg] that a pool gives; together never more than it holds, however little that is. */
export const grantOf = (heldMg: number, wantedMg: number): number => (wantedMg <= 0 ? 1 : heldMg <= 0 ? 0 : heldMg / (heldMg + wantedMg))
