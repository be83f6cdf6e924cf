import { expect } from '@playwright/test'
import {
  DESK,
  deskOnAir,
  newcomer,
  OVERLAY,
  openWindow,
  PHONE,
  STANDIN,
  say,
  signedIn,
  test,
  VIEWER,
  WEB,
} from './stage.ts'

test.describe.configure({ mode: 'serial' })

/** Somebody of the crowd with months of history, who can afford things. */
const RICH = 'valve_vera'

test('somebody else’s desk stays closed', async ({ browser }) => {
  const page = await signedIn(browser, DESK, 'pia_ohm')
  await expect(page.getByRole('heading', { name: 'This desk is somebody else’s' })).toBeVisible()
})

test('the streamer goes on air, the crowd is there live, and watching is paid', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  await expect(desk.getByRole('timer')).toHaveText(/^0:0\d:\d\d$/)
  await expect(desk.getByRole('log').getByRole('button').first()).toBeVisible()
  await expect(desk.getByText('rivets paid', { exact: true })).toBeVisible()

  await desk.getByRole('link', { name: 'Earning' }).click()
  await desk.getByLabel('Pay viewers every', { exact: true }).fill('10')
  await desk.getByLabel('Unit of: Pay viewers every').selectOption('seconds')
  await desk.getByLabel('Each payment, in rivets').fill('7')
  await expect(desk.getByText('Somebody who watches for 2 h gets 5,040 rivets.')).toBeVisible()
  await expect(desk.getByText('Not live yet')).toBeVisible()
  await desk.getByRole('button', { name: 'Apply now' }).click()
  await expect(desk.getByText('Not live yet')).toBeHidden()

  const paid = desk.locator('dd', { has: desk.locator('xpath=../dt[.="rivets paid"]') })
  const before = await paid.textContent()
  await expect(paid).not.toHaveText(before ?? '')
})

test('a plan that cannot be used says what to change', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/earning`, 'wanda_bench')
  await desk.getByLabel('Pay viewers every', { exact: true }).fill('0')
  await desk.getByLabel('Each payment, in rivets').fill('many')
  await expect(desk.getByText('Type a time from 10 seconds to 24 hours.')).toBeVisible()
  await expect(desk.getByText('Type a whole number from 0')).toBeVisible()
  await desk.getByLabel('For a first visit').fill('21')
  await expect(desk.getByText('2 fields need a correction first')).toBeVisible()
  await expect(desk.getByRole('button', { name: 'Apply now' })).toBeDisabled()
  await desk.getByRole('button', { name: 'Discard changes' }).click()
  await expect(desk.getByText('Not live yet')).toBeHidden()
  await expect(desk.getByLabel('Pay viewers every', { exact: true })).toHaveValue('10')
})

test('chat answers with the balance, with what is missing, and sells', async ({ page, browser }) => {
  const guest = newcomer()
  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  await page.goto(STANDIN)
  const lines = page.getByRole('log')
  // A first visit is welcomed with 20; a command is no chat that pays.
  await say(page, guest, '!rivets')
  await expect(lines.getByText(`${guest} has 20 rivets.`)).toBeVisible()
  await say(page, guest, '!get next-repair the toaster')
  await expect(
    lines.getByText(`${guest}: Choose the next repair costs 900 rivets; with 20 rivets that is 880 rivets short.`),
  ).toBeVisible()

  await say(page, RICH, '!get next-repair the toaster <b>please</b>')
  await expect(lines.getByText(`${RICH} bought Choose the next repair for 900 rivets`)).toBeVisible()
  await expect(overlay.getByText('Next on the bench: the toaster <b>please</b>')).toBeVisible()
  await expect(overlay.getByText(`chosen by ${RICH} for 900 rivets`)).toBeVisible()
  await expect(overlay.locator('.alert img')).toHaveJSProperty('naturalWidth', 64)
})

test('the order waits at the desk, is done by key, undone, and refunded; all of it in the history', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const card = desk
    .getByRole('listitem', { name: `Choose the next repair, ordered by ${RICH}` })
    .filter({ hasText: 'the toaster <b>please</b>' })
  // The crowd orders the same: what is much stands together, the oldest in view.
  const others = desk.getByRole('button', { name: /^Choose the next repair · \d+ waiting$/ })
  await expect(card.or(others).first()).toBeVisible()
  if (!(await card.isVisible())) await others.click()
  await expect(card).toBeVisible()
  await card.focus()
  await desk.keyboard.press('d')
  await expect(desk.getByText(`Done: Choose the next repair for ${RICH}.`)).toBeVisible()
  await expect(card).toBeHidden()
  await desk.getByRole('button', { name: 'Undo' }).click()
  await expect(card).toBeVisible()
  await card.focus()
  await desk.keyboard.press('b')
  await expect(desk.getByText(`Refund 900 rivets to ${RICH}?`)).toBeVisible()
  await desk.keyboard.press('Enter')
  await expect(card).toBeHidden()

  await desk.getByRole('region', { name: 'People present' }).getByRole('button', { name: RICH }).click()
  const trail = desk.getByRole('dialog')
  for (const why of [
    'Refunded: Choose the next repair',
    'Reopened: Choose the next repair',
    'Done: Choose the next repair',
    'Bought: Choose the next repair',
  ]) {
    await expect(trail.getByText(why).first()).toBeVisible()
  }
  await desk.keyboard.press('Escape')
  await expect(trail).toBeHidden()
})

test('a viewer buys on the phone, sees the balance change and where it came from', async ({ browser }) => {
  const given = `Sir Ticks of ${newcomer()}`
  const phone = await signedIn(browser, VIEWER, RICH, PHONE)
  const desk = await deskOnAir(browser)
  await phone.getByRole('button', { name: /^Name the mended thing for 450 rivets/ }).click()
  const dialog = phone.getByRole('dialog')
  await dialog.getByLabel('What is its name?').fill(given)
  const sentence = (await dialog.getByText(/You have .* will be left/).textContent()) ?? ''
  const left = /; ([\d,]+) will be left/.exec(sentence)?.[1] ?? ''
  await dialog.getByRole('button', { name: 'Buy for 450 rivets' }).click()
  await expect(phone.getByText(/^Bought: Name the mended thing\. It is in the queue now/)).toBeVisible()
  expect(left).not.toBe('')
  await expect(phone.getByText('On its way')).toBeVisible()
  await expect(desk.getByRole('listitem', { name: `Name the mended thing, ordered by ${RICH}` })).toBeVisible()

  await phone.getByRole('link', { name: 'history' }).click()
  await expect(phone.getByText('Bought: Name the mended thing').first()).toBeVisible()
  await desk
    .getByRole('listitem', { name: `Name the mended thing, ordered by ${RICH}` })
    .getByRole('button', { name: 'Done' })
    .click()
  await expect(phone.getByRole('listitem').filter({ hasText: given }).getByText('done')).toBeVisible()
})

test('what cannot be afforded says how much watching is missing', async ({ browser }) => {
  const phone = await signedIn(browser, VIEWER, newcomer(), PHONE)
  await phone.getByRole('button', { name: /^Repair guide, download for 1,500 rivets, 1,500 short/ }).click()
  await expect(phone.getByRole('dialog').getByText(/1,500 rivets short, about .* of watching/)).toBeVisible()
  await expect(phone.getByRole('dialog').getByRole('button', { name: 'Buy for 1,500 rivets' })).toBeDisabled()
})

test('an overlay’s address can be replaced; the old one shows nothing any more', async ({ browser, request }) => {
  const desk = await signedIn(browser, `${DESK}/screen`, 'wanda_bench')
  const row = desk.getByRole('listitem').filter({ hasText: 'Second computer' })
  const before = (await row.getByRole('link', { name: 'Open it' }).getAttribute('href')) ?? ''
  await row.getByRole('button', { name: 'Replace the address' }).click()
  await row.getByRole('button', { name: 'Replace the address' }).click()
  await expect(row.getByRole('link', { name: 'Open it' })).not.toHaveAttribute('href', before)
  expect((await request.get(`${WEB}/api/overlays/${before.split('/').pop()}/feed`)).status()).toBe(404)
})

test('an overlay can be added, and has an address of its own', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/screen`, 'wanda_bench')
  const name = newcomer()
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  const row = desk.getByRole('listitem').filter({ hasText: name })
  await expect(row.getByText('Not open anywhere')).toBeVisible()
  const address = await row.getByRole('link', { name: 'Open it' }).getAttribute('href')
  const overlay = await openWindow(browser)
  await overlay.goto(address ?? '')
  await expect(row.getByText('Open in a streaming program')).toBeVisible()
})

test('one box jumps to a page and to a viewer', async ({ browser }) => {
  const desk = await signedIn(browser, DESK, 'wanda_bench')
  await expect(desk.getByRole('log')).toBeVisible()
  await desk.keyboard.press('Control+k')
  await desk.keyboard.type('marent')
  await desk.getByRole('option', { name: /MarenTin/ }).click()
  await expect(desk.getByRole('dialog').getByRole('heading', { name: 'MarenTin' })).toBeVisible()
})

test('going off air asks first, settles, and keeps the evening', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  await desk.getByRole('button', { name: 'Go off air' }).click()
  await expect(desk.getByRole('dialog').getByText(/has been on for/)).toBeVisible()
  await desk.getByRole('dialog').getByRole('button', { name: 'Go off air' }).click()
  await expect(desk.getByRole('heading', { name: 'You are off air' })).toBeVisible()
  await expect(desk.getByRole('button', { name: 'Go on air' })).toBeVisible()
  await expect(desk.getByRole('heading', { name: 'The last show' })).toBeVisible()
})
