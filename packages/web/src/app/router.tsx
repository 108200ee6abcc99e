import { createBrowserRouter, Navigate } from 'react-router'
import { NotFound, RouteFault } from './NotFound.js'
import { Shell } from './shell/Shell.js'

/** Each place has its own address and its own chunk. */
export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <RouteFault />,
    hydrateFallbackElement: <></>,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../places/shelf/ShelfPlace.js')).ShelfPlace }) },
      { path: 'tanks', element: <Navigate to="/" replace /> },
      { path: 'tanks/:tankId', element: <Navigate to="balance" replace /> },
      { path: 'new', lazy: async () => ({ Component: (await import('../places/plan/describe/NewTankPlace.js')).NewTankPlace }) },
      { path: 'tanks/:tankId/plan/:sheet?', lazy: async () => ({ Component: (await import('../places/plan/PlanPlace.js')).PlanPlace }) },
      {
        path: 'tanks/:tankId/supply/:sheet?',
        lazy: async () => ({ Component: (await import('../places/plan/supply/SupplyPlace.js')).SupplyPlace }),
      },
      {
        path: 'tanks/:tankId/balance',
        lazy: async () => ({ Component: (await import('../places/balance/BalancePlace.js')).BalancePlace }),
      },
      {
        path: 'tanks/:tankId/calendar',
        lazy: async () => ({ Component: (await import('../places/calendar/CalendarPlace.js')).CalendarPlace }),
      },
      {
        path: 'tanks/:tankId/journal',
        lazy: async () => ({ Component: (await import('../places/journal/JournalPlace.js')).JournalPlace }),
      },
      { path: 'today', lazy: async () => ({ Component: (await import('../places/today/TodayPlace.js')).TodayPlace }) },
      { path: 'answers', lazy: async () => ({ Component: (await import('../places/answers/AnswersPlace.js')).AnswersPlace }) },
      { path: 'answers/:question', lazy: async () => ({ Component: (await import('../places/answers/AnswersPlace.js')).AnswersPlace }) },
      { path: 'library', lazy: async () => ({ Component: (await import('../places/library/species/SpeciesPlace.js')).SpeciesPlace }) },
      {
        path: 'library/animals',
        lazy: async () => ({ Component: (await import('../places/library/animals/AnimalsPlace.js')).AnimalsPlace }),
      },
      {
        path: 'library/products',
        lazy: async () => ({ Component: (await import('../places/library/products/ProductsPlace.js')).ProductsPlace }),
      },
      {
        path: 'library/species/:speciesId',
        lazy: async () => ({ Component: (await import('../places/library/species/SpeciesPage.js')).SpeciesPage }),
      },
      { path: 'workings', lazy: async () => ({ Component: (await import('../places/workings/WorkingsPlace.js')).WorkingsPlace }) },
      {
        path: 'workings/:workingId',
        lazy: async () => ({ Component: (await import('../places/workings/WorkingsPlace.js')).WorkingsPlace }),
      },
      { path: 'settings', lazy: async () => ({ Component: (await import('../places/settings/SettingsPlace.js')).SettingsPlace }) },
      { path: '*', element: <NotFound /> },
    ],
  },
])
