import { expect, type Page } from '@playwright/test'
import { DESK, deskOnAir, expectAccessible, OVERLAY, PHONE, STANDIN, signedIn, test, VIEWER, WEB } from './stage.ts'

for (const theme of ['light', 'dark']) {
  // The two differ in nothing but colours.
  const what = theme === 'light' ? 'everything' : 'colours'
  test(`the desk has no accessibility violation in ${theme} colours`, async ({ browser }) => {
    const desk = await deskOnAir(browser)
    if (theme === 'light') await desk.getByRole('button', { name: 'Light theme' }).click()
    await expect(desk.getByRole('log').getByRole('button').first()).toBeVisible()
    await expectAccessible(desk, what)
    await desk.getByRole('region', { name: 'People present' }).getByRole('button').first().click()
    await expect(
      desk
        .getByRole('dialog')
        .getByText(/rivets$/)
        .first(),
    ).toBeVisible()
    await expectAccessible(desk, what)
    await desk.keyboard.press('Escape')
    await desk.getByRole('button', { name: 'Go off air' }).click()
    await expect(desk.getByRole('dialog').getByText(/has been on for/)).toBeVisible()
    await expectAccessible(desk, what)
    await desk.getByRole('button', { name: 'Stay on air' }).click()
    for (const name of ['Earning', 'People', 'Ranks', 'Commands', 'Store', 'Raffles', 'Screen', 'Connections']) {
      await desk.getByRole('navigation').getByRole('link', { name }).click()
      await expect(desk.getByRole('heading', { name: new RegExp(`^${name}`), level: 1 })).toBeVisible()
      await expect(desk.getByText(/^Loading/)).toHaveCount(0)
      await expectAccessible(desk, what)
    }
    await desk.keyboard.press('Control+k')
    await expect(desk.getByRole('option').first()).toBeVisible()
    await expectAccessible(desk, what)
  })
}

const DESK_PAGES = [
  '',
  'earning',
  'people',
  'ranks',
  'commands',
  'games',
  'store',
  'raffles',
  'screen',
  'connections',
  'team',
]
const VIEWER_PAGES = ['', 'lists', 'games', 'raffles', 'commands', 'mine']

/** What can be pressed on a page and is smaller than so many px: its words, and its size. What is in line with text is as large as its line. */
const tooSmall = (page: Page, least: number) =>
  page.evaluate(
    (px) =>
      [...document.querySelectorAll('button, select, summary')].flatMap((one) => {
        const { width, height } = one.getBoundingClientRect()
        // A switch is hit around it, too.
        const needed = one.getAttribute('role') === 'switch' ? 24 : px
        const fits = Math.min(width, height) >= needed - 0.5
        if (width === 0 || fits || one.matches('.in-line') || !one.checkVisibility({ visibilityProperty: true }))
          return []
        return [`${one.getAttribute('aria-label') ?? one.textContent}: ${Math.round(width)} x ${Math.round(height)}`]
      }),
    least,
  )

for (const { who, least, touch } of [
  { who: 'a finger', least: 44, touch: { hasTouch: true, isMobile: true } },
  { who: 'a pointer', least: 24, touch: {} },
])
  test(`whatever is pressed is large enough for ${who}`, async ({ browser }) => {
    for (const { path, names, as, viewport } of [
      { path: DESK, names: DESK_PAGES, as: 'wanda_bench', viewport: { width: 1280, height: 800 } },
      { path: VIEWER, names: VIEWER_PAGES, as: 'valve_vera', viewport: PHONE },
    ]) {
      const context = await browser.newContext({ ...touch, viewport })
      const page = await context.newPage()
      const signed = await signedIn(browser, path, as)
      await context.addCookies(await signed.context().cookies(WEB))
      for (const name of names) {
        await page.goto(`${WEB}${path}/${name}`)
        await expect(page.locator('h1').first()).toBeAttached()
        await expect(page.getByText(/^Loading/)).toHaveCount(0)
        expect([name, await tooSmall(page, least)]).toEqual([name, []])
      }
    }
  })

for (const viewport of [PHONE, { width: 1280, height: 800 }]) {
  test(`the viewer pages have none at ${viewport.width} px`, async ({ browser, page }) => {
    await page.setViewportSize(viewport)
    await page.goto(`${WEB}${VIEWER}`)
    await expect(page.getByRole('heading', { name: 'Store' })).toBeVisible()
    await expectAccessible(page)
    const viewer = await signedIn(browser, VIEWER, 'valve_vera', viewport)
    await viewer.getByRole('button', { name: /^Sparks on screen/ }).click()
    await expect(viewer.getByText(/will be left/)).toBeVisible()
    await expectAccessible(viewer)
    await viewer.getByRole('button', { name: 'Not now' }).click()
    await viewer.getByRole('link', { name: 'Lists' }).click()
    await expect(viewer.getByRole('listitem').nth(5)).toBeVisible()
    await expectAccessible(viewer)
    await viewer.getByRole('link', { name: viewport === PHONE ? 'Mine' : 'My rivets', exact: true }).click()
    await expect(viewer.getByRole('row').nth(1)).toBeVisible()
    await expectAccessible(viewer)
    const wide = await viewer.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
    expect(wide).toBeLessThanOrEqual(0)
  })
}

test('overlay, stand-in, sign-in pages have none', async ({ page }) => {
  // An alert that is fading out at the moment of the look is no page that anybody reads; without motion it is there or not.
  await page.emulateMedia({ reducedMotion: 'reduce' })
  for (const address of [OVERLAY, STANDIN, `${WEB}${DESK}`]) {
    await page.goto(address)
    await page.waitForLoadState('load')
    await expect(page.locator('h1')).toBeAttached()
    await expectAccessible(page)
  }
  await page.getByRole('link', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Who are you?' })).toBeVisible()
  await expectAccessible(page)
})

test('the page that claims a fresh installation has none, and keeps what was typed', async ({ page }) => {
  await page.goto(`${WEB}/claim`)
  await page.getByLabel('Name of the channel').fill('The Evening Workbench')
  await expectAccessible(page)
  await page.reload()
  await expect(page.getByLabel('Name of the channel')).toHaveValue('The Evening Workbench')
})
