import { InputBase, Tooltip } from '@mui/material'
import { useGridApiContext, type GridColDef, type GridRenderEditCellParams, type GridValidRowModel } from '@mui/x-data-grid'
import { useEffect, useRef } from 'react'

interface TypedColumn<Row extends GridValidRowModel> {
  readonly field: string
  readonly head: string
  readonly why?: string
  readonly width?: number
  /** Takes what is left of the width. */
  readonly isWide?: boolean
  readonly isNumber?: boolean
  /** What the cell shows, and what typing begins with. */
  readonly text: (row: Row) => string
  /** By what rows are sorted and filtered; without it by the text. */
  readonly order?: (row: Row) => number | string | null
  /** The row with what was typed, or the sentence that says why not. */
  readonly judge: (text: string, row: Row) => Row | string
}

/** A column whose cells take text as the reader writes it: a comma for the decimal mark, another unit. What is wrong stays in its cell and is explained there. */
export function typedColumn<Row extends GridValidRowModel>(column: TypedColumn<Row>): GridColDef<Row> {
  const { field, head, why, width = 110, isWide = false, isNumber = false, text, order = text, judge } = column
  return {
    field,
    headerName: head,
    ...(why === undefined ? {} : { description: why }),
    ...(isWide ? { flex: 1, minWidth: width } : { width }),
    type: isNumber ? 'number' : 'string',
    align: isNumber ? 'right' : 'left',
    headerAlign: isNumber ? 'right' : 'left',
    editable: true,
    // Text stays text while it is typed: a comma is no fault.
    valueParser: (typed) => typed as never,
    valueGetter: (_value, row) => order(row),
    valueFormatter: (_value, row) => text(row),
    valueSetter: (typed, row) => {
      const judged = typeof typed === 'string' ? judge(typed, row) : row
      return typeof judged === 'string' ? row : judged
    },
    preProcessEditCellProps: ({ props, row }) => {
      const typed: unknown = props.value
      const judged = typeof typed === 'string' ? judge(typed, row as Row) : (row as Row) // the grid's rows are ours
      return { ...props, error: typeof judged === 'string' ? judged : false }
    },
    renderEditCell: (params) => <TypedCell {...params} text={text(params.row)} isNumber={isNumber} />,
  }
}

type TypedCellProps = GridRenderEditCellParams & { readonly text: string; readonly isNumber: boolean }
function TypedCell({ id, field, value, error, hasFocus, text, isNumber, colDef }: TypedCellProps) {
  const grid = useGridApiContext()
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    if (hasFocus) input.current?.focus()
  }, [hasFocus])
  const fault: unknown = error
  return (
    <Tooltip open={typeof fault === 'string'} title={typeof fault === 'string' ? fault : ''} placement="bottom-start">
      <InputBase
        inputRef={input}
        fullWidth
        value={typeof value === 'string' ? value : text}
        error={typeof fault === 'string'}
        onChange={(event) => void grid.current.setEditCellValue({ id, field, value: event.target.value }, event)}
        inputProps={{
          'aria-label': colDef.headerName,
          'aria-invalid': typeof fault === 'string',
          inputMode: isNumber ? 'decimal' : 'text',
          style: { textAlign: isNumber ? 'right' : 'left', padding: '0 9px' },
        }}
        sx={{ fontSize: 'inherit', ...(typeof fault === 'string' ? { color: 'var(--algae)' } : {}) }}
      />
    </Tooltip>
  )
}
