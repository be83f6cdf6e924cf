import type { Browser, BrowserContext, Page } from '@playwright/test'

interface Size {
  readonly width: number
  readonly height: number
}

interface Window {
  readonly page: Page
  readonly context: BrowserContext
  readonly size: Size
  taken: boolean
}

const DESKTOP: Size = { width: 1280, height: 800 }

const windows: Window[] = []

/**
 * A window in which nobody is signed in and nothing is remembered. It stays from one test to the next: opening one, and
 * reading our scripts anew in it, takes longer than what most tests do in it.
 */
export async function openWindow(browser: Browser, size: Size = DESKTOP): Promise<Page> {
  const left = windows.find((one) => !one.taken && one.size.width === size.width && one.size.height === size.height)
  if (left !== undefined) {
    left.taken = true
    return left.page
  }
  const context = await browser.newContext({ viewport: { ...size } })
  const page = await context.newPage()
  windows.push({ page, context, size, taken: true })
  return page
}

/**
 * Takes back the windows that a test has opened, and closes what it opened in another way: left as they are, every one
 * would go on following the show. @param still - An address with no page of ours, at the origin whose memory is cleared.
 */
export async function clearWindows(browser: Browser, still: string): Promise<void> {
  const ours = new Set(windows.map(({ context }) => context))
  for (const context of browser.contexts()) if (!ours.has(context)) await context.close()
  for (const one of windows.filter(({ taken }) => taken)) {
    for (const page of one.context.pages()) if (page !== one.page) await page.close()
    await one.page.unrouteAll()
    await one.context.setOffline(false)
    await one.context.clearCookies()
    await one.page.goto(still)
    await one.page.evaluate(() => {
      localStorage.clear()
      sessionStorage.clear()
    })
    one.taken = false
  }
}
