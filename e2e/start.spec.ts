import { expect, type Locator, type Page } from '@playwright/test'
import {
  chatRoom,
  DESK,
  deskOnAir,
  expectAccessible,
  newcomer,
  OVERLAY,
  openWindow,
  PHONE,
  say,
  signedIn,
  test,
  VIEWER,
} from './stage.ts'

/** What a hand does: counted, as a new streamer counts it. */
class Hand {
  clicks = 0
  fields = 0
  readonly pages = new Set<string>()

  constructor(readonly page: Page) {}

  async click(where: Locator): Promise<void> {
    await where.click()
    this.clicks++
    this.pages.add(new URL(this.page.url()).pathname)
  }

  async fill(where: Locator, text: string): Promise<void> {
    await where.fill(text)
    this.fields++
  }

  get told(): string {
    return `${this.clicks} clicks, ${this.fields} fields, ${this.pages.size} pages`
  }
}

test('from an empty channel to a drawn raffle: a starter, a reward with codes, on air, an order done, a winner', async ({
  browser,
}) => {
  const desk = await signedIn(browser, `${DESK}/set-up`, 'wanda_bench')
  const hand = new Hand(desk)
  await expect(desk.getByRole('checkbox', { name: /^Say hello on screen/ })).toBeChecked()
  await expectAccessible(desk)
  await hand.click(desk.getByRole('button', { name: /^Set up these/ }))
  await expect(desk.getByText('There is something to buy.')).toBeVisible()
  await expect(desk.getByRole('img', { name: /^QR code of/ })).toBeVisible()

  const nav = desk.getByRole('navigation', { name: 'Pages' })
  await hand.click(nav.getByRole('link', { name: 'Store' }))
  await hand.click(desk.getByRole('button', { name: 'Add a reward' }))
  await hand.fill(desk.getByLabel('Name', { exact: true }), 'A guide')
  await expect(desk.getByLabel('Chat word, as in !get hat')).toHaveValue('guide')
  await hand.click(desk.getByText('Gives out a code'))
  await hand.click(desk.getByRole('tab', { name: 'Codes' }))
  await hand.fill(desk.getByLabel('Codes to add, one per line'), 'ONE-1\nTWO-2')
  await hand.click(desk.getByRole('button', { name: 'Save now' }))
  await expect(desk.getByText('2 codes left, 0 of 2 given out.')).toBeVisible()
  await hand.click(desk.getByRole('button', { name: 'Close', exact: true }))

  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  await hand.click(desk.getByRole('button', { name: 'Go on air' }))
  await hand.fill(desk.getByLabel('What is tonight’s show called?'), 'The first one')
  await hand.click(desk.getByRole('dialog').getByRole('button', { name: 'Go on air' }))
  await expect(desk.getByRole('button', { name: 'Go off air' })).toBeVisible()

  // A viewer: heard in chat for the first time, then on the page.
  const name = newcomer()
  const room = await chatRoom(browser)
  await say(room, name, 'good evening')
  await expect(room.getByRole('log').getByText(`Welcome, ${name}! You have 52 points already.`)).toBeVisible()
  const phone = await signedIn(browser, VIEWER, name, PHONE)
  const thumb = new Hand(phone)
  await thumb.click(phone.getByRole('button', { name: /^A question answered for 42 points/ }))
  const dialog = phone.getByRole('dialog')
  await thumb.fill(dialog.getByRole('textbox'), 'How does it begin?')
  await thumb.click(dialog.getByRole('button', { name: 'Buy for 42 points' }))
  const waiting = desk.getByRole('complementary', { name: 'Running and waiting' })
  await expect(waiting.getByText('How does it begin?')).toBeVisible()
  await hand.click(waiting.getByRole('button', { name: 'Done' }).first())
  await expect(waiting.getByText('How does it begin?')).toHaveCount(0)

  await hand.click(nav.getByRole('link', { name: 'Raffles' }))
  await hand.click(desk.getByRole('button', { name: /^Open now: “Raffle of the evening”/ }))
  await thumb.click(phone.getByRole('link', { name: 'Raffles' }))
  await thumb.click(phone.getByRole('link', { name: /Raffle of the evening/ }))
  await thumb.click(phone.getByRole('button', { name: 'Enter' }))
  await expect(phone.getByText(/You are in with 1 ticket/)).toBeVisible()
  await hand.click(waiting.getByRole('button', { name: 'Close: Raffle of the evening' }))
  await hand.click(waiting.getByRole('button', { name: 'Draw: Raffle of the evening' }))
  await expect(phone.getByText(/You are drawn|was drawn|is drawn|Drawn/).first()).toBeVisible()

  await hand.click(nav.getByRole('link', { name: 'Set up' }))
  for (const done of [
    'An overlay has been connected.',
    'You have been on air.',
    'An order is done.',
    'Somebody has signed in on your viewer page.',
  ])
    await expect(desk.getByText(done)).toBeVisible()
  console.log(`Streamer: ${hand.told}. Viewer: ${thumb.told}.`)
  expect(hand.clicks).toBeLessThanOrEqual(35)
  expect(hand.fields).toBeLessThanOrEqual(15)
  expect(hand.pages.size).toBeLessThanOrEqual(8)
  expect([thumb.clicks <= 8, thumb.fields <= 3]).toEqual([true, true])
})

test('an owner tries the page as a viewer, brings people from a file and takes them back, and sees what the first show came to', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const before = desk.getByRole('region', { name: 'Before your first show' })
  await expect(before.getByText('Something can be bought')).toBeVisible()
  await expectAccessible(desk)
  const [page] = await Promise.all([
    desk.context().waitForEvent('page'),
    before.getByRole('button', { name: 'Try it as a viewer' }).click(),
  ])
  await expect(page.getByText(/^You are the test viewer/)).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /^A question answered for 42 points/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('textbox').fill('Does it work?')
  await dialog.getByRole('button', { name: 'Buy for 42 points' }).click()
  const waiting = desk.getByRole('complementary', { name: 'Running and waiting' })
  await expect(waiting.getByText('Does it work?')).toBeVisible()
  await waiting.getByRole('button', { name: 'Done' }).first().click()

  await desk.goto(`${DESK}/people?open=import`)
  const name = newcomer()
  const buffer = Buffer.from(`User;Points;Follower since\n${name};120;3.4.2024\nnobody;lots;\n`)
  await desk.locator('input[type=file]').setInputFiles({ name: 'old people.csv', mimeType: 'text/csv', buffer })
  await expect(desk.getByText('"lots" is not a balance. Use a whole number from 0 up.')).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Import 1 person' }).click()
  const undoable = desk.getByRole('region', { name: 'Adjustments you can undo' })
  await expect(undoable.getByText(`Imported ${name}: 120 points more in all`)).toBeVisible()
  await undoable.getByRole('button', { name: 'Undo' }).first().click()
  await expect(desk.getByText('Undone: everything is as it was.')).toBeVisible()

  await desk.goto(DESK)
  await desk.getByRole('button', { name: 'Go off air' }).click()
  await desk.getByRole('dialog').getByRole('button', { name: 'Go off air' }).click()
  await expect(desk.getByRole('region', { name: 'What the last show came to' })).toBeVisible()
  await expect(before).toHaveCount(0)
  await expectAccessible(desk)
})
