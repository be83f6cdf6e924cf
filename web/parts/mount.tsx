import { type FetchQueryOptions, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { type ReactElement, StrictMode, startTransition } from 'react'
import { createRoot, type Root } from 'react-dom/client'
import { BrowserRouter, type RouteObject, useRoutes } from 'react-router'
import { ApiProblem, channelSlug } from './api.ts'
import { Toasts } from './feedback/toasts.tsx'
import { Broken, NoSuchPage } from './page/Broken.tsx'
import { applyChosenTheme } from './theme.ts'
import '../styles/app.css'

const Routes = ({ routes }: { routes: RouteObject[] }) => useRoutes(routes)

/** A clear no (not signed in, not there) is no different a second later. */
const onceIfWorthwhile = (count: number, fault: Error): boolean =>
  count < 1 && !(fault instanceof ApiProblem && fault.status >= 400 && fault.status < 500)

/** Has the browser offer to install the pages of this channel. */
function offerToInstall(folder: string): void {
  const link = document.createElement('link')
  link.rel = 'manifest'
  link.href = `/${folder}/${channelSlug()}/manifest.webmanifest`
  document.head.append(link)
}

/** So long the first drawing waits for what it shows (ms): the page's HTML has it asked for before the programs are there. */
const FIRST_MS = 150

/**
 * Starts one of the applications of a channel: its pages, within their frame, below /<folder>/<channel>.
 * @param first - What the frame shows: with it at hand the page is drawn once, not twice.
 */
export async function mount<T, K extends readonly unknown[]>(
  folder: 'desk' | 'c',
  frame: ReactElement,
  pages: RouteObject[],
  first: FetchQueryOptions<T, Error, T, K>,
): Promise<void> {
  applyChosenTheme()
  offerToInstall(folder)
  const basename = `/${folder}/${channelSlug()}`
  const lost = { path: '*', element: <NoSuchPage home={basename} /> }
  const routes = [{ path: '/', element: frame, children: [...pages, lost] }]
  const client = newClient()
  const page = createRoot(document.getElementById('app') as HTMLElement)
  await Promise.race([client.prefetchQuery(first), new Promise((on) => setTimeout(on, FIRST_MS))])
  draw(page, client, routes, basename)
}

/** Starts the pages of the installation as a whole, which belong to no channel. */
export function mountFront(routes: RouteObject[]): void {
  applyChosenTheme()
  draw(createRoot(document.getElementById('app') as HTMLElement), newClient(), routes, '/')
}

const newClient = () => new QueryClient({ defaultOptions: { queries: { staleTime: 15_000, retry: onceIfWorthwhile } } })

/** Draws the pages in slices, so that a slow phone can scroll in between. */
function draw(page: Root, client: QueryClient, routes: RouteObject[], basename: string): void {
  startTransition(() =>
    page.render(
      <StrictMode>
        <QueryClientProvider client={client}>
          <Toasts>
            <BrowserRouter basename={basename}>
              <Broken>
                <Routes routes={routes} />
              </Broken>
            </BrowserRouter>
          </Toasts>
        </QueryClientProvider>
      </StrictMode>,
    ),
  )
}
