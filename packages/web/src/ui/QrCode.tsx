import encodeQR from 'qr'

/** Light cells around the code, without which a camera does not find it. */
const QUIET = 4
const CELL_PX = 4

/** An address for a phone's camera. Dark on white by night too: cameras expect it so. */
export function QrCode({ text, label }: { readonly text: string; readonly label: string }) {
  const cells = encodeQR(text, 'raw', { border: QUIET })
  const size = cells.length
  const dark = cells.flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      width={size * CELL_PX}
      height={size * CELL_PX}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={dark.join('')} fill="#000" />
    </svg>
  )
}
