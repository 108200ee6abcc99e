import { QueryClient, QueryClientProvider, type QueryKey } from '@tanstack/react-query'
import { render, type RenderResult } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { NoticeProvider } from '../ui/notice.js'
import { UnitsProvider } from '../ui/units.js'

interface Page {
  /** Address, and the pattern that it fits. */
  readonly at?: string
  readonly route?: string
  /** What the server has already told, by key. */
  readonly known?: readonly (readonly [QueryKey, unknown])[]
}

/** A part of a page with everything it stands on: units, address, notices, and answers of the server. */
export function renderPage(
  children: ReactNode,
  { at = '/', route = '*', known = [] }: Page = {},
): RenderResult & { readonly client: QueryClient } {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  for (const [key, data] of known) client.setQueryData(key, data)
  const page = render(
    <QueryClientProvider client={client}>
      <UnitsProvider>
        <NoticeProvider>
          <MemoryRouter initialEntries={[at]}>
            <Routes>
              <Route path={route} element={children} />
            </Routes>
          </MemoryRouter>
        </NoticeProvider>
      </UnitsProvider>
    </QueryClientProvider>,
  )
  return { ...page, client }
}
