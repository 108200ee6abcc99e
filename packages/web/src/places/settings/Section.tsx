import { Box } from '@mui/material'
import type { ReactNode } from 'react'
import { useLocation } from 'react-router'

interface SectionProps {
  readonly title: string
  /** What a link to this part names after its #. */
  readonly anchor?: string
  readonly children: ReactNode
}

/** A named part of the settings. */
export function Section({ title, anchor, children }: SectionProps) {
  const isLinked = useLocation().hash === `#${anchor ?? ''}`
  return (
    <Box component="section" aria-label={title} {...(isLinked ? { ref: scrollTo } : {})} sx={{ display: 'grid', gap: 1, minWidth: 0 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 17, borderBottom: '1px solid var(--ink)' }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}

const scrollTo = (element: HTMLElement | null): void => element?.scrollIntoView({ block: 'start' })
