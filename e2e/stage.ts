import AxeBuilder from '@axe-core/playwright'
import { type Browser, test as base, expect, type Page } from '@playwright/test'

/** Tests that close the pages they opened: left open, every one of them would go on following the show. */
export const test = base.extend<{ closesItsPages: undefined }>({
  closesItsPages: [
    async ({ browser }, use) => {
      await use(undefined)
      for (const context of browser.contexts()) await context.close()
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

/** Signs in through the stand-in's page, in a browser context of its own. */
export async function signedIn(browser: Browser, path: string, name: string, viewport?: typeof PHONE): Promise<Page> {
  const context = await browser.newContext(viewport ? { viewport } : {})
  const page = await context.newPage()
  await page.goto(`${WEB}${path}`)
  await page.getByRole('link', { name: 'Sign in' }).first().click()
  await page.getByLabel('Somebody else').fill(name)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).toHaveURL(`${WEB}${path}`)
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
  const standin = await (await browser.newContext()).newPage()
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

/** A new name, so that a test meets a viewer with no past. */
export const newcomer = (): string => `guest_${Date.now().toString(36)}`

/** axe finds nothing wrong with the page as it stands. */
export async function expectAccessible(page: Page, what: 'everything' | 'colours' = 'everything'): Promise<void> {
  // The dialog library's own focus guards: never reached by a person, they pass the focus on at once.
  // The overlay inside the stand-in's picture is looked at as a page of its own.
  // Without frames of other sites to look into, one page is enough; what passes is not listed.
  const axe = new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'], ...(what === 'colours' && { runOnly: ['color-contrast'] }) })
  const { violations } = await axe.exclude('iframe').analyze()
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)
  expect(found).toEqual([])
}
