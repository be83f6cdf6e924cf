import { gzipSync } from 'node:zlib'
import type { Browser, BrowserContext } from '@playwright/test'
import { build as bundle } from 'esbuild'
import { scaled } from './scale.ts'

export type Cookies = Parameters<BrowserContext['addCookies']>[0]

export interface PageFigure {
  readonly name: string
  readonly kilobytes: number
  readonly fontKilobytes: number
  readonly usableMs: number
}

/** A page that is loaded: what on it tells that it can be used, and who is signed in. */
interface Loaded {
  readonly name: string
  readonly url: string
  readonly usable: string
  readonly cookies?: Cookies
  /** What answers in place of a server. */
  readonly served?: (context: BrowserContext) => Promise<void>
}

const RUNS = scaled(5)

/**
 * What a page transfers when it is opened first, and when it can be used on a computer a quarter as fast: the median of five,
 * each in a browser that knows nothing of it, by the page's own clock from the beginning of its navigation.
 */
export async function firstLoad(browser: Browser, page: Loaded): Promise<PageFigure> {
  const loads: Awaited<ReturnType<typeof load>>[] = []
  for (let run = 0; run < RUNS; run++) loads.push(await load(browser, page))
  const times = loads.map(({ usableMs }) => usableMs).sort((a, b) => a - b)
  const [first] = loads
  if (first === undefined) throw new Error('Nothing was loaded.')
  return { ...first, name: page.name, usableMs: times[Math.floor(RUNS / 2)] ?? 0 }
}

/** As text: what runs in the page is not to be rewritten on its way there. */
const UNTIL_USABLE = (usable: string) => `{
  const look = () => {
    if (document.querySelector('${usable}') === null) return
    globalThis.usableAt = performance.now()
    seen.disconnect()
  }
  const seen = new MutationObserver(look)
  seen.observe(document, { childList: true, subtree: true })
}`

async function load(browser: Browser, { url, usable, cookies = [], served }: Loaded) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  await context.addCookies(cookies)
  await served?.(context)
  const page = await context.newPage()
  await page.addInitScript({ content: UNTIL_USABLE(usable) })
  const session = await context.newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  const bodies: Promise<{ font: boolean; bytes: number }>[] = []
  page.on('response', (response) => {
    // A live feed never ends, so it has no body to weigh.
    if (/feed/.test(response.url())) return
    const font = /\.woff2$/.test(response.url())
    const weigh = (body: Buffer) => ({ font, bytes: font ? body.length : gzipSync(body).length })
    bodies.push(response.body().then(weigh, () => ({ font, bytes: 0 })))
  })
  await page.goto(url)
  // What the first view asks for by itself; parts fetched ahead for later come two seconds after.
  await page.waitForTimeout(500)
  const usableAt = () => page.evaluate<number | undefined>('globalThis.usableAt')
  let usableMs = await usableAt()
  for (; usableMs === undefined; usableMs = await usableAt()) await page.waitForTimeout(100)
  const weights = await Promise.all(bodies)
  await context.close()
  const sum = (fonts: boolean) => weights.reduce((all, { font, bytes }) => all + (font === fonts ? bytes : 0), 0) / 1024
  return { kilobytes: sum(false), fontKilobytes: sum(true), usableMs }
}

const BARE = `
import { createElement } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, NavLink, Outlet, useLocation, useNavigate, useRoutes, useSearchParams } from 'react-router'
import { QueryClient, QueryClientProvider, useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query'
globalThis.kept = [createRoot, BrowserRouter, NavLink, Outlet, useLocation, useNavigate, useRoutes, useSearchParams,
  QueryClient, QueryClientProvider, useInfiniteQuery, useMutation, useQuery]
createRoot(document.getElementById('app')).render(createElement('h1', null, 'Bare'))`

/** React, Router and Query alone, with a heading: what a page cannot be smaller or sooner than. */
export async function barePage(browser: Browser): Promise<PageFigure> {
  const { outputFiles } = await bundle({
    stdin: { contents: BARE, resolveDir: process.cwd() },
    bundle: true,
    minify: true,
    write: false,
    format: 'esm',
    define: { 'process.env.NODE_ENV': '"production"' },
  })
  const url = 'http://bare.invalid/'
  const html = '<!doctype html><div id="app"></div><script type="module" src="/bare.js"></script>'
  const served = async (context: BrowserContext) => {
    await context.route(url, (route) => route.fulfill({ contentType: 'text/html', body: html }))
    const body = Buffer.from(outputFiles[0]?.contents ?? '')
    await context.route(`${url}bare.js`, (route) => route.fulfill({ contentType: 'text/javascript', body }))
  }
  return firstLoad(browser, { name: 'bare page', url, usable: 'h1', served })
}
