import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from 'react-router'
import { ApiError } from '../api/http.js'
import { UnitsProvider } from '../ui/units.js'
import { NoticeProvider } from '../ui/notice.js'
import { nonce } from '../ui/nonce.js'
import { router } from './router.js'
import { theme } from './theme.js'

const emotion = createCache({ key: 'j', nonce })

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => count < 2 && !(error instanceof ApiError && error.status >= 400 && error.status < 500),
      retryDelay: 300,
    },
  },
})

export function App() {
  return (
    <CacheProvider value={emotion}>
      <ThemeProvider theme={theme} defaultMode="system" modeStorageKey="jovrin.mode" noSsr>
        <CssBaseline />
        <QueryClientProvider client={client}>
          <UnitsProvider>
            <NoticeProvider>
              <RouterProvider router={router} />
            </NoticeProvider>
          </UnitsProvider>
        </QueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  )
}
