import { createHash } from 'node:crypto'
import { type Browser, type BrowserContext, chromium } from '@playwright/test'
import pg from 'pg'
import { STREAMER } from '../../standin/src/people.ts'
import { freePort } from '../../testing/server/ports.ts'
import { build } from '../build.ts'
import { CHROMIUM } from '../chromium.ts'
import { startStack } from '../demo/stack.ts'
import { barePage, type Cookies, firstLoad, type PageFigure } from './firstLoad.ts'
import { orderToAlert } from './store.ts'

export interface FirstLoads {
  readonly pages: readonly PageFigure[]
  /** React, Router and Query alone: what a page cannot be smaller or sooner than. */
  readonly bare: PageFigure
  /** From the press on a page's link to its heading, and to its first row, the slowest of several (ms). */
  readonly move: { readonly frameMs: number; readonly contentMs: number }
  readonly orderToAlertMs: number
}

/**
 * First load of desk, viewer page and overlay: what it transfers, and when it can be used on a computer a quarter as fast; and how
 * long it takes to move between pages of the desk, and for an order to be seen on an overlay (ms, p95).
 */
export async function firstLoads(): Promise<FirstLoads> {
  await build()
  const ports = { web: await freePort(), standin: await freePort(), irc: await freePort(), postgres: await freePort() }
  const stack = await startStack({ name: 'bench-pages', ports, fresh: true, seed: 7, paceMs: SILENT_MS })
  const browser = await chromium.launch(CHROMIUM)
  try {
    const cookie = await deskCookie(stack.database)
    const { hostname } = new URL(stack.web)
    const desk = { name: 'ricompensa_desk', value: cookie, domain: hostname, path: '/' }
    const address = `${stack.web}/desk/workbench`
    const pages = [
      await firstLoad(browser, { name: 'desk', url: address, usable: 'main h1, main h2', cookies: [desk] }),
      await firstLoad(browser, {
        name: 'viewer page',
        url: `${stack.web}/c/workbench`,
        usable: 'main article, main li',
      }),
      await firstLoad(browser, { name: 'overlay', url: stack.overlay, usable: '#stage' }),
    ]
    const move = await moves(await signedInAt(browser, [desk]), address)
    return { pages, bare: await barePage(browser), move, orderToAlertMs: await orderToAlert(browser, stack) }
  } finally {
    await browser.close()
    await stack.stop()
  }
}

/** Nobody speaks in the room: an alert that somebody there buys plays for 7 s, and what is measured would wait behind it. */
const SILENT_MS = 3_600_000

async function deskCookie(database: string): Promise<string> {
  const client = new pg.Client({ connectionString: database })
  await client.connect()
  const hash = createHash('sha256').update('bench').digest('hex')
  const text = `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at)
    values ($1, 'desk', $2, $2, extract(epoch from now())::bigint, 9999999999, extract(epoch from now())::bigint)`
  await client.query(text, [hash, STREAMER.account])
  await client.end()
  return 'bench'
}

async function signedInAt(browser: Browser, cookies: Cookies): Promise<BrowserContext> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  await context.addCookies(cookies)
  return context
}

const MOVED_TO = ['Store', 'Commands', 'Games', 'Ranks'] as const
/** What lies between pointing at a link and pressing it (ms). */
const AIM_MS = 250
/** For so long somebody looks at the first view before they go on. */
const LOOK_MS = 2000

/** As text: what runs in the page is not to be rewritten on its way there. Each is taken in the frame in which it can be seen. */
const UNTIL_SHOWN = (name: string) => `new Promise((shown) => {
  addEventListener('click', () => {
    const began = performance.now()
    let frameMs
    const look = () => {
      const now = performance.now() - began
      if (document.querySelector('main h1')?.textContent.startsWith('${name}')) frameMs ??= now
      if (frameMs !== undefined && document.querySelector('main tbody tr')) shown({ frameMs, contentMs: now })
      else requestAnimationFrame(look)
    }
    requestAnimationFrame(look)
  }, { once: true, capture: true })
})`

/** Goes from page to page as somebody with a mouse does. @returns The slowest (ms), from the press as the page has it. */
async function moves(context: BrowserContext, address: string) {
  const page = await context.newPage()
  await page.goto(address)
  await page.locator('main h1').first().waitFor()
  await page.waitForTimeout(LOOK_MS)
  const all = { frameMs: 0, contentMs: 0 }
  for (const name of MOVED_TO) {
    const link = page.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name, exact: true })
    await link.hover()
    const shown = page.evaluate<typeof all>(UNTIL_SHOWN(name))
    await page.waitForTimeout(AIM_MS)
    await link.click()
    const { frameMs, contentMs } = await shown
    all.frameMs = Math.max(all.frameMs, frameMs)
    all.contentMs = Math.max(all.contentMs, contentMs)
  }
  await context.close()
  return all
}
