import { DataGrid, useGridApiRef, type GridCellMode, type DataGridProps, type GridValidRowModel } from '@mui/x-data-grid'
import { deDE, enUS } from '@mui/x-data-grid/locales'
import { AddIcon, ColumnEdgeIcon, ColumnsIcon, DownIcon, FilterIcon, FindIcon, SaveFileIcon, TickIcon, UpIcon } from '../icons/acts.js'
import { RemoveIcon } from '../icons/RemoveIcon.js'
import { reading } from '../locale.js'
import { nonce } from '../nonce.js'
import { besideCell } from './besideCell.js'

/** What the grid itself says. */
const GRID_WORDS = (reading.language === 'de' ? deDE : enUS).components.MuiDataGrid.defaultProps.localeText

const EDITING: GridCellMode = 'edit'

/** Icons of the one weight in which all else is drawn. */
const ICONS = {
  columnSelectorIcon: ColumnsIcon,
  columnFilteredIcon: FilterIcon,
  openFilterButtonIcon: FilterIcon,
  columnSortedAscendingIcon: UpIcon,
  columnSortedDescendingIcon: DownIcon,
  columnUnsortedIcon: null,
  columnResizeIcon: ColumnEdgeIcon,
  exportIcon: SaveFileIcon,
  filterPanelAddIcon: AddIcon,
  filterPanelDeleteIcon: RemoveIcon,
  filterPanelRemoveAllIcon: RemoveIcon,
  quickFilterIcon: FindIcon,
  quickFilterClearIcon: RemoveIcon,
  menuItemCheckIcon: TickIcon,
}

interface GridProps<Row extends GridValidRowModel> extends Omit<
  DataGridProps<Row>,
  'sx' | 'apiRef' | 'slots' | 'localeText' | 'onCellClick' | 'onCellEditStop'
> {
  /** Names the table for those who cannot see it. */
  readonly label: string
  /** How the file is called that a reader saves. */
  readonly fileName: string
  /** What stands there when no row does. */
  readonly empty?: string
}

/** A table that is sorted, filtered and typed into like a spreadsheet: a click or Enter begins to type, arrow keys go from cell to cell, Escape takes back. Large, so it comes only with the places that show one. */
export function Grid<Row extends GridValidRowModel>({ label, fileName, empty, slotProps, ...given }: GridProps<Row>) {
  const grid = useGridApiRef()
  return (
    <DataGrid<Row>
      apiRef={grid}
      nonce={nonce}
      onCellClick={({ id, field, isEditable = false, cellMode }) => {
        if (isEditable && cellMode !== EDITING) grid.current?.startCellEditMode({ id, field })
      }}
      onCellEditStop={(cell, event) => {
        const api = grid.current
        const next = api === null ? null : besideCell({ current: api }, cell)
        if (api === null || next === null) return
        // At once: what was typed is kept in the background, and a focus that moved only then would take the keys of the cell that is typed into meanwhile.
        event.defaultMuiPrevented = true
        api.stopCellEditMode({ id: cell.id, field: cell.field })
        api.setCellFocus(next.id, next.field)
      }}
      density="compact"
      showToolbar
      disableRowSelectionOnClick
      disableColumnMenu
      columnHeaderHeight={54}
      rowHeight={30}
      {...given}
      aria-label={label}
      localeText={empty === undefined ? GRID_WORDS : { ...GRID_WORDS, noRowsLabel: empty }}
      slots={ICONS}
      slotProps={{
        ...slotProps,
        toolbar: {
          csvOptions: { fileName, utf8WithBom: true, escapeFormulas: true },
          printOptions: { disableToolbarButton: true },
          ...slotProps?.toolbar,
        },
      }}
      sx={{
        border: 0,
        borderTop: '2px solid var(--ink)',
        borderRadius: 0,
        fontSize: 14.5,
        fontVariantNumeric: 'tabular-nums',
        '--DataGrid-t-header-background-base': 'var(--film)',
        '--DataGrid-t-color-border-base': 'var(--hair)',
        '& .MuiDataGrid-columnHeaderTitle': {
          fontWeight: 400,
          color: 'var(--ink-2)',
          fontSize: 13,
          whiteSpace: 'normal',
          lineHeight: 1.15,
        },
        '& .MuiDataGrid-columnHeader--alignRight .MuiDataGrid-columnHeaderTitle': { textAlign: 'right' },
        '& .MuiDataGrid-toolbar': { p: 0, minHeight: 34, borderBottom: 0, background: 'var(--film)' },
        '& .MuiDataGrid-cell:focus, & .MuiDataGrid-cell:focus-within, & .MuiDataGrid-columnHeader:focus, & .MuiDataGrid-columnHeader:focus-within':
          { outline: '2px solid var(--focus)', outlineOffset: '-2px' },
        '& .MuiDataGrid-cell--editing': { boxShadow: 'none', background: 'var(--sheet)' },
      }}
    />
  )
}
