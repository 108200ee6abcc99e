import { useEffect, useRef, useState, type ReactNode } from 'react'

/** Hands a drawing the width it has, so that its lettering keeps its size on a phone as on a desk. */
export function Measured({
  children,
  least = 340,
  usual = 840,
}: {
  children: (width: number) => ReactNode
  least?: number
  usual?: number
}) {
  const box = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(usual)
  useEffect(() => {
    if (box.current === null) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(least, Math.round(entry.contentRect.width)))
    })
    observer.observe(box.current)
    return () => observer.disconnect()
  }, [least])
  return (
    <div ref={box} style={{ width: '100%', minWidth: 0 }}>
      {children(width)}
    </div>
  )
}
