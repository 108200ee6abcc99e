import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Active,
  type Announcements,
  type DndContextProps,
  type KeyboardCoordinateGetter,
  type Over,
} from '@dnd-kit/core'
import { draggingWords } from '@jovrin/contract'

/** What a thing that is dragged, or a place for one, is called: its data, so that it can be told. */
export interface Named {
  readonly name: string
}
const nameOf = ({ data }: Active | Over): string => (data.current as Named | undefined)?.name ?? '' // we give every thing its name

const ANNOUNCEMENTS: Announcements = {
  onDragStart: ({ active }) => draggingWords.lifted(nameOf(active)),
  onDragOver: ({ active, over }) =>
    over === null ? draggingWords.nowhere(nameOf(active)) : draggingWords.over(nameOf(active), nameOf(over)),
  onDragEnd: ({ active, over }) => (over === null ? draggingWords.back(nameOf(active)) : draggingWords.put(nameOf(active), nameOf(over))),
  onDragCancel: ({ active }) => draggingWords.back(nameOf(active)),
}
/** A finger or a mouse that moves this far drags; less is a click. */
const DRAGS_FROM_PX = 4

type DraggingProps = Pick<
  DndContextProps,
  'collisionDetection' | 'modifiers' | 'onDragStart' | 'onDragMove' | 'onDragEnd' | 'onDragCancel' | 'children'
> & {
  /** Where the arrow keys take what is lifted. */
  readonly byKeys: KeyboardCoordinateGetter
}

/** Things inside can be dragged, by pointer, finger and keys, and what happens is told. What tells it stands at the page's end, since the list may be a table. */
export function Dragging({ byKeys, ...given }: DraggingProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAGS_FROM_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: byKeys }),
  )
  return (
    <DndContext
      sensors={sensors}
      accessibility={{ announcements: ANNOUNCEMENTS, screenReaderInstructions: { draggable: draggingWords.how }, container: document.body }}
      {...given}
    />
  )
}
