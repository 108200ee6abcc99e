/** Pattern definitions of the materials, once per drawing. */
export function Hatches({ prefix }: { prefix: string }) {
  const line = { stroke: 'var(--ink)', fill: 'none' }
  return (
    <defs>
      <pattern id={`${prefix}-pellets`} width="9" height="9" patternUnits="userSpaceOnUse">
        <circle cx="2.5" cy="2.5" r="1.7" {...line} strokeWidth="0.7" />
        <circle cx="7" cy="6.8" r="1.7" {...line} strokeWidth="0.7" />
      </pattern>
      <pattern id={`${prefix}-sand`} width="7" height="7" patternUnits="userSpaceOnUse">
        <circle cx="1.5" cy="2" r="0.55" fill="var(--ink)" />
        <circle cx="5" cy="5.2" r="0.55" fill="var(--ink)" />
      </pattern>
      <pattern id={`${prefix}-gravel`} width="13" height="10" patternUnits="userSpaceOnUse">
        <ellipse cx="4" cy="3" rx="3" ry="2" {...line} strokeWidth="0.7" />
        <ellipse cx="10" cy="7.6" rx="2.5" ry="1.8" {...line} strokeWidth="0.7" />
      </pattern>
      <pattern id={`${prefix}-soil`} width="10" height="8" patternUnits="userSpaceOnUse">
        <path d="M1 2h4M6 6h3M2.5 5.5l1.5-1" {...line} strokeWidth="0.8" />
      </pattern>
      <pattern id={`${prefix}-stone`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(40)">
        <path d="M0 3h6" {...line} strokeWidth="0.6" />
      </pattern>
      <pattern id={`${prefix}-wood`} width="14" height="5" patternUnits="userSpaceOnUse">
        <path d="M0 2.5q3.5-2 7 0t7 0" {...line} strokeWidth="0.6" />
      </pattern>
      {/* Strands of the braid, told apart without colour */}
      <pattern id={`${prefix}-light`} width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M3 0v6" stroke="var(--light)" strokeWidth="1.1" />
      </pattern>
      <pattern id={`${prefix}-carbon`} width="7" height="7" patternUnits="userSpaceOnUse">
        <circle cx="3.5" cy="3.5" r="1.5" stroke="var(--carbon)" fill="none" strokeWidth="1" />
      </pattern>
      <pattern id={`${prefix}-feed`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 3h6M3 0v6" stroke="var(--feed)" strokeWidth="0.8" />
      </pattern>
      <pattern id={`${prefix}-warmth`} width="12" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 3q3-3 6 0t6 0" stroke="var(--warmth)" fill="none" strokeWidth="1" />
      </pattern>
      <pattern id={`${prefix}-room`} width="8" height="8" patternUnits="userSpaceOnUse">
        <path d="M4 8V3M4 5l-2.5-2.5M4 4l2.5-2.5" stroke="var(--room)" fill="none" strokeWidth="1" />
      </pattern>
      <pattern id={`${prefix}-algae`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <path d="M0 2.5h5" stroke="var(--algae)" strokeWidth="1.4" />
      </pattern>
    </defs>
  )
}
