import { createBrowserRouter } from 'react-router'
import { NotFound, RouteFault } from './NotFound.js'
import { Shell } from './Shell.js'

/** Each place has its own address and its own chunk. */
export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <RouteFault />,
    hydrateFallbackElement: <></>,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../places/shelf/ShelfPlace.js')).ShelfPlace }) },
      { path: 'new', lazy: async () => ({ Component: (await import('../places/describe/NewTankPlace.js')).NewTankPlace }) },
      { path: 'tanks/:tankId/plan', lazy: async () => ({ Component: (await import('../places/describe/PlanPlace.js')).PlanPlace }) },
      { path: 'tanks/:tankId/balance', lazy: async () => ({ Component: (await import('../places/balance/BalancePlace.js')).BalancePlace }) },
      { path: '*', element: <NotFound /> },
    ],
  },
])
