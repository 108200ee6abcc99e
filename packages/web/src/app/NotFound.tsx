import { appWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { Link, useRouteError } from 'react-router'

function Dead({ sentence, detail }: { sentence: string; detail?: string }) {
  return (
    <Box sx={{ p: 6 }}>
      <p>{sentence}</p>
      {detail !== undefined && <p>{detail}</p>}
      <Button component={Link} to="/">
        {appWords.toShelf}
      </Button>
    </Box>
  )
}
export const NotFound = () => <Dead sentence={appWords.notFound} />

export function RouteFault() {
  const error = useRouteError()
  return (
    <main>
      <Dead sentence={appWords.fault} detail={error instanceof Error ? error.message : ''} />
    </main>
  )
}
