import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, RouterProvider } from 'react-router'
import { channelSlug } from '../parts/api.ts'
import { applyChosenTheme } from '../parts/theme.ts'
import { Toasts } from '../parts/toasts.tsx'
import '../styles/app.css'
import { MinePage } from './ledger/MinePage.tsx'
import { StorePage } from './store/StorePage.tsx'
import { ViewerFrame } from './ViewerFrame.tsx'

applyChosenTheme()

const router = createBrowserRouter(
  [
    {
      path: '/',
      element: <ViewerFrame />,
      children: [
        { index: true, element: <StorePage /> },
        { path: 'mine', element: <MinePage /> },
      ],
    },
  ],
  { basename: `/c/${channelSlug()}` },
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
