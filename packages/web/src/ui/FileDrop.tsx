import { appWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useDropzone, type Accept } from 'react-dropzone'

/** Media types that files are taken by, each with its endings. */
const FILE_KINDS = {
  picture: { 'image/*': ['.jpg', '.jpeg', '.png', '.webp', '.heic'] },
  table: { 'text/csv': ['.csv', '.tsv', '.txt'] },
  tank: { 'application/json': ['.json'], 'application/zip': ['.zip'] },
  zip: { 'application/zip': ['.zip'] },
  plants: { 'text/csv': ['.csv', '.txt'], 'application/json': ['.json'] },
  text: { 'text/plain': ['.csv', '.txt'] },
} as const satisfies Record<string, Record<string, readonly string[]>>

interface FileDropProps {
  /** Says what will happen with the file. */
  readonly label: string
  readonly kind: keyof typeof FILE_KINDS
  readonly onFiles: (files: readonly File[]) => void
  readonly isMany?: boolean
  readonly isDisabled?: boolean
  readonly variant?: 'contained' | 'outlined'
}

/** A button that opens the file chooser, on which files can be dropped too. What is of another kind is left to whoever reads it: endings say little. */
export function FileDrop({ label, kind, onFiles, isMany = false, isDisabled = false, variant = 'outlined' }: FileDropProps) {
  const accept: Accept = Object.fromEntries(Object.entries<readonly string[]>(FILE_KINDS[kind]).map(([type, ends]) => [type, [...ends]]))
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    multiple: isMany,
    disabled: isDisabled,
    noClick: true,
    noKeyboard: true,
    useFsAccessApi: false,
    onDrop: (taken, refused) => {
      const files = [...taken, ...refused.map(({ file }) => file)]
      if (files.length > 0) onFiles(isMany ? files : files.slice(0, 1))
    },
  })
  return (
    <Box
      {...getRootProps({ role: undefined, tabIndex: undefined })}
      sx={{
        display: 'inline-flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 1,
        outline: isDragActive ? '2px dashed var(--ink)' : 'none',
        outlineOffset: 4,
      }}
    >
      {/* The button beside it has the same name and opens it. */}
      <input {...getInputProps({ 'aria-label': label, 'aria-hidden': true, accept: Object.entries(accept).flat(2).join(',') })} />
      <Button variant={variant} disabled={isDisabled} onClick={open} sx={{ minHeight: { xs: 44, md: 34 } }}>
        {label}
      </Button>
      <Box component="span" sx={{ color: 'text.secondary', fontSize: 14, display: { xs: 'none', md: 'inline' } }}>
        {isDragActive ? appWords.dropNow : appWords.orDrop}
      </Box>
    </Box>
  )
}
