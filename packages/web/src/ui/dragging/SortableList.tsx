import { closestCenter, type DragEndEvent } from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import type { CSSProperties, ReactNode } from 'react'
import { Dragging } from './Dragging.js'
import { Grip } from './Grip.js'

interface SortableListProps {
  /** In the order in which they stand, from the top. */
  readonly ids: readonly string[]
  /** All of them, in the order in which they were left. */
  readonly onOrder: (ids: readonly string[]) => void
  readonly children: ReactNode
}

/** A list whose rows can be dragged up and down. */
export function SortableList({ ids, onOrder, children }: SortableListProps) {
  const end = ({ active, over }: DragEndEvent): void => {
    const [from, to] = [ids.indexOf(String(active.id)), over === null ? -1 : ids.indexOf(String(over.id))]
    if (from >= 0 && to >= 0 && from !== to) onOrder(arrayMove([...ids], from, to))
  }
  return (
    <Dragging collisionDetection={closestCenter} byKeys={sortableKeyboardCoordinates} modifiers={[upAndDown]} onDragEnd={end}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </Dragging>
  )
}

const upAndDown: NonNullable<Parameters<typeof Dragging>[0]['modifiers']>[number] = ({ transform }) => ({ ...transform, x: 0 })

interface SortableRow {
  readonly rowRef: (element: HTMLElement | null) => void
  readonly style: CSSProperties
  readonly grip: ReactNode
}
/** What a row of a sortable list puts on itself, and the grip that it shows. */
export function useSortableRow(id: string, name: string): SortableRow {
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id, data: { name } })
  return {
    rowRef: setNodeRef,
    style: {
      transform: CSS.Translate.toString(transform) ?? '',
      transition: transition ?? '',
      ...(isDragging ? { position: 'relative', zIndex: 1, background: 'var(--sheet)', outline: '1px solid var(--ink)' } : {}),
    },
    grip: <Grip name={name} gripRef={setActivatorNodeRef} attributes={attributes} listeners={listeners} />,
  }
}

/** A list in the order of its ids; what they do not name keeps its place at the end. */
export function inOrder<Item extends { readonly id: string }>(list: readonly Item[], ids: readonly string[]): Item[] {
  const named = ids.flatMap((id) => list.filter((item) => item.id === id))
  return [...named, ...list.filter((item) => !ids.includes(item.id))]
}
