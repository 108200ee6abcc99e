import { appWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'

/** While something is fetched, and when it failed. */
export function QueryState({ error, onRetry }: { error: Error | null; onRetry: () => void }) {
  return (
    <Box role="status" sx={{ p: 4, color: 'text.secondary' }}>
      {error === null ? appWords.loading : error.message}
      {error !== null && (
        <Button onClick={onRetry} sx={{ ml: 2 }}>
          {appWords.again}
        </Button>
      )}
    </Box>
  )
}
