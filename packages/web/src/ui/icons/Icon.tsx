interface IconProps {
  readonly d: string
  readonly widthPx?: number
}

/** A line icon in the one weight of our drawings. The word beside it, or the name of its button, says what it is. */
export const Icon = ({ d, widthPx = 24 }: IconProps) => (
  <svg
    width={widthPx}
    height={(widthPx * 22) / 24}
    viewBox="0 0 24 22"
    fill="none"
    stroke="currentColor"
    strokeWidth={(1.6 * 24) / widthPx}
    aria-hidden
    focusable="false"
  >
    <path d={d} />
  </svg>
)

/** As high as the letters beside it. */
export const Small = ({ d }: { d: string }) => <Icon d={d} widthPx={17} />
