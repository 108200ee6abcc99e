import {
  GridCellEditStopReasons as Ends,
  gridPaginatedVisibleSortedGridRowIdsSelector,
  gridVisibleColumnFieldsSelector,
  type GridApi,
  type GridCellEditStopParams,
  type GridRowId,
} from '@mui/x-data-grid'
import type { RefObject } from 'react'

/** The cell to which a key leads from the one that it ends: Enter to the one below, Tab to the next, also in the next row, Shift and Tab back. The same cell where the table ends; `null` for an end that is no such key. */
export function besideCell(
  grid: RefObject<GridApi>,
  { id, field, reason }: GridCellEditStopParams,
): { readonly id: GridRowId; readonly field: string } | null {
  const columns = gridVisibleColumnFieldsSelector(grid)
  const rows = gridPaginatedVisibleSortedGridRowIdsSelector(grid)
  const step = new Map([
    [Ends.enterKeyDown, columns.length],
    [Ends.tabKeyDown, 1],
    [Ends.shiftTabKeyDown, -1],
  ]).get(reason ?? Ends.escapeKeyDown)
  if (step === undefined) return null
  const at = rows.indexOf(id) * columns.length + columns.indexOf(field) + step
  const row = rows[Math.floor(at / columns.length)]
  const column = columns[at % columns.length]
  return row === undefined || column === undefined ? { id, field } : { id: row, field: column }
}
