/** A button that looks like what it holds: for text and pictures that are pressed. */
export const bareButton = { font: 'inherit', color: 'inherit', background: 'none', border: 0, p: 0, cursor: 'pointer' } as const
