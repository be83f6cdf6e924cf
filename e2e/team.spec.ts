import { expect } from '@playwright/test'
import { DESK, openWindow, PHONE, signedIn, test, WEB } from './stage.ts'

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
