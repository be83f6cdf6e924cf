import { type Browser, expect, type Page } from '@playwright/test'
import { chatRoom, DESK, expectAccessible, openWindow, PHONE, signedIn, test, WEB } from './stage.ts'

test('somebody is invited by a link, helps as far as they may, and is out at once when they are taken out', async ({
  browser,
}) => {
  const desk = await signedIn(browser, `${DESK}/team`, 'wanda_bench')
  await desk.getByRole('button', { name: 'Invite somebody' }).click()
  const dialog = desk.getByRole('dialog')
  await dialog.getByLabel('For whom').fill('Mica')
  await dialog.getByLabel(/^Runner/).check()
  await dialog.getByRole('button', { name: 'Make the link' }).click()
  const link = await dialog.locator('output').innerText()
  await dialog.getByRole('button', { name: 'Close' }).click()
  await expect(desk.getByText('Mica', { exact: true })).toBeVisible()

  const helper = await openWindow(browser, PHONE)
  await helper.goto(link)
  await expect(helper.getByText('wanda_bench invites you')).toBeVisible()
  await helper.getByRole('button', { name: 'Join the team' }).click()
  await helper.getByRole('link', { name: 'Sign in' }).click()
  await helper.getByLabel('Somebody else').fill('mica_moss')
  await helper.getByRole('button', { name: 'Sign in' }).click()
  await helper.getByRole('button', { name: 'Join the team' }).click()
  await expect(helper.getByRole('button', { name: 'More' })).toBeVisible()
  await helper.getByRole('button', { name: 'More' }).click()
  const pages = helper.getByRole('dialog')
  await expect(pages.getByRole('link', { name: 'Raffles' })).toBeVisible()
  await expect(pages.getByRole('link', { name: 'Earning' })).toHaveCount(0)
  await helper.goto(`${WEB}${DESK}/earning`)
  await expect(helper.getByText('You may not look at this page (Earning)')).toBeVisible()

  await helper.goto(link)
  await helper.reload()
  await expect(helper.getByText('Somebody has joined by this link already')).toBeVisible()
  await helper.goto(`${WEB}${DESK}/raffles`)
  await expect(helper.getByRole('heading', { name: 'Raffles' })).toBeVisible()

  await desk.getByRole('button', { name: 'mica_moss' }).click()
  await desk.getByRole('button', { name: 'Take out of the team' }).click()
  await desk.getByRole('button', { name: 'Take mica_moss out?' }).click()
  await expect(desk.getByText('mica_moss is out of the team')).toBeVisible()
  await expect(helper.getByRole('heading', { name: 'This desk is somebody else’s' })).toBeVisible()
})

/** Has somebody join the team with a ready set of rights. @returns Their desk. */
async function joined(browser: Browser, desk: Page, name: string, set: RegExp): Promise<Page> {
  await desk.getByRole('button', { name: 'Invite somebody' }).click()
  const dialog = desk.getByRole('dialog')
  await dialog.getByLabel('For whom').fill(name)
  await dialog.getByLabel(set).check()
  await dialog.getByRole('button', { name: 'Make the link' }).click()
  const link = await dialog.locator('output').innerText()
  await dialog.getByRole('button', { name: 'Close' }).click()
  const helper = await openWindow(browser)
  await helper.goto(link)
  await helper.getByRole('button', { name: 'Join the team' }).click()
  await helper.getByRole('link', { name: 'Sign in' }).click()
  await helper.getByLabel('Somebody else').fill(name)
  await helper.getByRole('button', { name: 'Sign in' }).click()
  await helper.getByRole('button', { name: 'Join the team' }).click()
  await expect(helper.getByRole('navigation', { name: 'Pages' })).toBeVisible()
  return helper
}

test('two at one form see each other, and the later save is shown both versions', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/team`, 'wanda_bench')
  const helper = await joined(browser, desk, 'kim_fern', /^Keeper/)
  for (const page of [desk, helper]) {
    await page.goto(`${WEB}${DESK}/store`)
    await page.getByRole('button', { name: 'Factory whistle', exact: true }).click()
    await page.getByRole('tab', { name: 'What it is' }).click()
  }
  await expect(desk.getByText(/^kim_fern has the same form open/)).toBeVisible()
  await expect(helper.getByText(/^wanda_bench has the same form open/)).toBeVisible()
  await helper.getByLabel('Description').fill('A long blow')
  await desk.getByLabel('Description').fill('A short blow')
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await expect(helper.getByText('Somebody else saved this while you were typing.')).toBeVisible()
  await expect(helper.getByRole('cell', { name: 'A short blow' })).toBeVisible()
  await expectAccessible(helper)
  await helper.getByRole('button', { name: 'Keep mine' }).click()
  await helper.getByRole('button', { name: 'Save now' }).click()
  await expect(helper.getByText('Saved.')).toBeVisible()
  await expect(desk.getByLabel('Description')).toHaveValue('A long blow')
})

test('a helper presses a button on the phone, and sends the bot out of the room and back', async ({ browser }) => {
  const phone = await signedIn(browser, `${DESK}/buttons`, 'rosa_dial', PHONE)
  await expectAccessible(phone)
  await phone.getByRole('button', { name: /^Tea break/ }).click()
  const lines = (await chatRoom(browser)).getByRole('log')
  await expect(lines.getByText('The kettle is on: back in ten minutes.').last()).toBeVisible()
  await expect(phone.getByRole('button', { name: /^Tea break.*on cooldown/ })).toBeVisible()
  await expect(phone.getByRole('button', { name: 'Add a button' })).toHaveCount(0)
  await phone.getByRole('button', { name: 'More' }).click()
  const sheet = phone.getByRole('dialog')
  await sheet.getByRole('button', { name: 'Send the bot out' }).click()
  await expect(sheet.getByText('Chat: the bot is out')).toBeVisible()
  await sheet.getByRole('button', { name: 'Bring the bot back' }).click()
  await expect(sheet.getByText('Chat', { exact: true })).toBeVisible()
})
