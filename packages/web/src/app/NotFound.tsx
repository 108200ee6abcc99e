import { en } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { Link, useRouteError } from 'react-router'

function Dead({ sentence, detail }: { sentence: string; detail?: string }) {
  return (
    <Box component="main" sx={{ p: 6 }}>
      <p>{sentence}</p>
      {detail !== undefined && <p>{detail}</p>}
      <Button component={Link} to="/">
        {en.app.toShelf}
      </Button>
    </Box>
  )
}
export const NotFound = () => <Dead sentence={en.app.notFound} />

export function RouteFault() {
  const error = useRouteError()
  return <Dead sentence={en.app.fault} detail={error instanceof Error ? error.message : ''} />
}
