import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, RouterProvider } from 'react-router'
import { channelSlug } from '../parts/api.ts'
import { applyChosenTheme } from '../parts/theme.ts'
import { Toasts } from '../parts/toasts.tsx'
import '../styles/app.css'
import { Desk } from './Desk.tsx'
import { EarningPage } from './earning/EarningPage.tsx'
import { ScreenPage } from './screen/ScreenPage.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'

applyChosenTheme()

const router = createBrowserRouter(
  [
    {
      path: '/',
      element: <Desk />,
      children: [
        { index: true, element: <OnAirPage /> },
        { path: 'earning', element: <EarningPage /> },
        { path: 'screen', element: <ScreenPage /> },
      ],
    },
  ],
  { basename: `/desk/${channelSlug()}` },
)

const client = new QueryClient({ defaultOptions: { queries: { staleTime: 15_000, retry: 1 } } })

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <Toasts>
        <RouterProvider router={router} />
      </Toasts>
    </QueryClientProvider>
  </StrictMode>,
)
