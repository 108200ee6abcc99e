import { appWords } from '@jovrin/contract'
import { Button } from '@mui/material'

/** The two ways out of a sheet with a form. */
export function SaveOrCancel({ save, onCancel }: { save: string; onCancel: () => void }) {
  return (
    <>
      <Button type="submit" variant="contained">
        {save}
      </Button>
      <Button onClick={onCancel}>{appWords.cancel}</Button>
    </>
  )
}
