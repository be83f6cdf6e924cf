import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { type Browser, type BrowserContext, test as base, expect, type Page } from '@playwright/test'
import type { AxeResults } from 'axe-core'
import { clearWindows, openWindow } from './windows.ts'

export { openWindow }

/** Tests that leave no page open behind them. */
export const test = base.extend<{ clearsItsWindows: undefined }>({
  clearsItsWindows: [
    async ({ browser }, use) => {
      await use(undefined)
      await clearWindows(browser, `${WEB}/healthz`)
    },
    { auto: true },
  ],
})

const from = (name: string): string => {
  const value = process.env[name]
  if (value === undefined) throw new Error(`${name} is not set: start these tests by scripts/e2e.ts.`)
  return value
}

/** The addresses of the running stack. */
export const WEB = from('E2E_WEB')
export const STANDIN = from('E2E_STANDIN')
export const OVERLAY = from('E2E_OVERLAY')

export const DESK = '/desk/workbench'
export const VIEWER = '/c/workbench'
export const PHONE = { width: 390, height: 844 }

type Cookies = Awaited<ReturnType<BrowserContext['cookies']>>

/** Who signed in a moment ago, by path and name. What asks for a fresh sign-in takes ten minutes for fresh. */
const signedInBefore = new Map<string, { cookies: Cookies; at: number }>()
const AS_BEFORE_MS = 180_000

/**
 * Opens a page as somebody, in a browser context of its own: signed in through the stand-in's page, or with the session of
 * a moment ago if it still holds.
 */
export async function signedIn(browser: Browser, path: string, name: string, viewport?: typeof PHONE): Promise<Page> {
  const page = await openWindow(browser, viewport)
  const before = signedInBefore.get(`${path} ${name}`)
  if (before !== undefined && Date.now() - before.at < AS_BEFORE_MS) {
    await page.context().addCookies(before.cookies)
    await page.goto(`${WEB}${path}`)
    const asks = page.getByRole('link', { name: 'Sign in' }).first()
    await expect(asks.or(page.getByRole('navigation').first())).toBeVisible()
    if (!(await asks.isVisible())) return there(page)
  } else await page.goto(`${WEB}${path}`)
  await page.getByRole('link', { name: 'Sign in' }).first().click()
  await page.getByLabel('Somebody else').fill(name)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).toHaveURL(`${WEB}${path}`)
  signedInBefore.set(`${path} ${name}`, { cookies: await page.context().cookies(WEB), at: Date.now() })
  return there(page)
}

/** A page, once it is no longer only loading. */
async function there(page: Page): Promise<Page> {
  await expect(page.locator('h1').first()).toBeAttached()
  return page
}

/** The desk, on air. */
export async function deskOnAir(browser: Browser): Promise<Page> {
  const desk = await signedIn(browser, DESK, 'wanda_bench')
  const offAir = desk.getByRole('button', { name: 'Go off air' })
  const start = desk.getByRole('button', { name: 'Go on air' })
  await expect(offAir.or(start)).toBeVisible()
  if (await start.isVisible()) {
    await start.click()
    await desk.getByLabel('What is tonight’s show called?').fill('Thursday bench: the tram clock')
    await desk.getByRole('dialog').getByRole('button', { name: 'Go on air' }).click()
    await expect(offAir).toBeVisible()
  }
  return desk
}

/** The stand-in's page, with its chat. */
export async function chatRoom(browser: Browser): Promise<Page> {
  const standin = await openWindow(browser)
  await standin.goto(STANDIN)
  return standin
}

/** Speaks in the stand-in's chat as somebody. */
export async function say(page: Page, as: string, text: string): Promise<void> {
  await page.getByLabel('Speak as').fill(as)
  await page.getByLabel('What to say').fill(text)
  await page.getByRole('button', { name: 'Say' }).click()
  await expect(page.getByLabel('What to say')).toHaveValue('')
}

/** The smallest words on an overlay can be read from afar on a picture of 1,080 lines. */
export async function expectReadFromAfar(overlay: Page): Promise<void> {
  const sizes = await overlay.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.piece *')]
      .filter((one) => one.checkVisibility({ visibilityProperty: true }))
      .filter((one) => [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim()))
      .map((one) => Number.parseFloat(getComputedStyle(one).fontSize)),
  )
  expect(sizes.length).toBeGreaterThan(0)
  expect(Math.min(...sizes)).toBeGreaterThanOrEqual(28)
}

/** A new name, so that a test meets a viewer with no past. */
export const newcomer = (): string => `guest_${Date.now().toString(36)}`

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** axe finds nothing wrong with the page as it stands. */
export async function expectAccessible(page: Page, what: 'everything' | 'colours' = 'everything'): Promise<void> {
  // It is put into a page once: reading its half a megabyte takes longer than most looks.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE)
  // A colour that is still changing into another is none that anybody reads.
  await page.waitForFunction(() => !document.getAnimations().some((one) => one instanceof CSSTransition))
  const only = what === 'colours' ? { runOnly: ['color-contrast'] } : {}
  const violations = await page.evaluate(
    async (options) => {
      const { axe } = window as unknown as { axe: { run: (context: object, options: object) => Promise<AxeResults> } }
      // The overlay inside the stand-in's picture is looked at as a page of its own.
      return (await axe.run({ exclude: ['iframe'] }, options)).violations
    },
    { resultTypes: ['violations'], ...only },
  )
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)
  expect(found).toEqual([])
}
