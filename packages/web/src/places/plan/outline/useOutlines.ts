import type { Spot } from '@jovrin/core'
import { useCallback, useState } from 'react'
import { useSearchParams } from 'react-router'
import { useKeptState } from '../../../ui/useKeptState.js'
import { useSetParam } from '../../../ui/useSetParam.js'

/** What a hand does on the sheet: choose an outline and change it, draw a closed one or an open line corner by corner, set a spot, or paint. */
export type Gesture = 'choose' | 'outline' | 'line' | 'spot' | 'brush'

/** Corners that an outline or a line needs. */
export const LEAST_CORNERS = { outline: 3, line: 2 } as const

export const keptSpots = (kept: unknown): readonly Spot[] | null =>
  Array.isArray(kept) && kept.every((spot) => typeof (spot as Spot).xCm === 'number' && typeof (spot as Spot).yCm === 'number')
    ? (kept as readonly Spot[])
    : null

/** What a sheet of outlines remembers. */
export interface Outlines {
  readonly gesture: Gesture
  readonly chosenId: string | null
  readonly choose: (id: string | null) => void
  readonly corner: number | null
  readonly setCorner: (corner: number | null) => void
  /** Why the last step was held back. */
  readonly message: string | null
  readonly setMessage: (message: string | null) => void
  readonly canSnap: boolean
  readonly setSnap: (canSnap: boolean) => void
  /** Corners of what is being drawn; a reload does not lose them. */
  readonly drawn: readonly Spot[]
  readonly setDrawn: (drawn: readonly Spot[]) => void
}

/** With the sheet's own tools: what a click can do on it. */
interface OutlinesWith<Tool extends string> extends Outlines {
  readonly tool: Tool
  readonly setTool: (tool: Tool) => void
}

interface OutlinesOf<Tool extends string> {
  readonly tankId: string
  /** Under which the chosen outline stands in the address. */
  readonly param: string
  readonly snaps: boolean
  /** The gesture of each tool; 'choose' is the one to begin and to end with. */
  readonly tools: Readonly<Record<Tool | 'choose', Gesture>>
}

export function useOutlines<Tool extends string>({ tankId, param, snaps, tools }: OutlinesOf<Tool>): OutlinesWith<Tool | 'choose'> {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const [corner, setCorner] = useState<number | null>(null)
  const [message, setMessage] = useState<string | null>(null)
  const [canSnap, setSnap] = useState(snaps)
  const [drawing, setDrawing] = useKeptState<Drawing>(`jovrin.drawn.${param}.${tankId}`, NOTHING, readDrawing)
  // What was drawn comes back with its tool; without corners nothing was begun.
  const [chosenTool, setChosenTool] = useState<string>(drawing.spots.length > 0 ? drawing.tool : 'choose')
  const tool = isToolOf(tools, chosenTool) ? chosenTool : 'choose'
  const choose = useCallback(
    (id: string | null): void => {
      setParam(param, id)
      setCorner(null)
      setMessage(null)
    },
    [param, setParam],
  )
  return {
    tool,
    setTool: (next) => {
      setChosenTool(next)
      setMessage(null)
      setDrawing({ tool: next, spots: [] })
    },
    gesture: tools[tool],
    chosenId: search.get(param),
    choose,
    corner,
    setCorner,
    message,
    setMessage,
    canSnap,
    setSnap,
    drawn: drawing.spots,
    setDrawn: (spots) => setDrawing({ tool, spots }),
  }
}

interface Drawing {
  readonly tool: string
  readonly spots: readonly Spot[]
}
const NOTHING: Drawing = { tool: 'choose', spots: [] }
function readDrawing(kept: unknown): Drawing | null {
  if (typeof kept !== 'object' || kept === null || !('tool' in kept) || !('spots' in kept)) return null
  const spots = keptSpots(kept.spots)
  return typeof kept.tool === 'string' && spots !== null ? { tool: kept.tool, spots } : null
}
const isToolOf = <Tool extends string>(tools: Readonly<Record<Tool, Gesture>>, tool: string): tool is Tool => Object.hasOwn(tools, tool)
