import { expect } from '@playwright/test'
import { DESK, newcomer, PHONE, STANDIN, say, signedIn, test, VIEWER } from './stage.ts'

test('somebody is found by a look-alike, given currency for a reason, and it can be taken back', async ({
  browser,
}) => {
  const guest = newcomer()
  const standin = await (await browser.newContext()).newPage()
  await standin.goto(STANDIN)
  await say(standin, guest, 'hello')
  const phone = await signedIn(browser, VIEWER, guest, PHONE)
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  await desk.getByRole('searchbox').fill(guest.replace('_', '').replace('e', '3').toUpperCase())
  await expect(desk.getByRole('status').filter({ hasText: '1 person' })).toBeVisible()
  await desk.getByRole('checkbox', { name: `Choose ${guest}` }).check()
  await desk.getByRole('button', { name: `Correct ${guest} …` }).click()
  await desk.getByLabel('How many rivets').fill('lots')
  await expect(desk.getByText('"lots" is not an amount.')).toBeVisible()
  await desk.getByLabel('How many rivets').fill('1.2k')
  await desk.getByLabel('Why').fill('mended the lamp')
  await desk.getByRole('button', { name: 'Give 1,200 rivets' }).click()
  await expect(desk.getByText(`Gave ${guest} 1,200 rivets.`)).toBeVisible()
  await expect(desk.getByRole('row', { name: new RegExp(`${guest}.*1,200`) })).toBeVisible()
  await expect(phone.getByText('1,200').first()).toBeVisible()
  await desk.getByRole('button', { name: 'Undo' }).click()
  await expect(desk.getByText('Taken back: all is as it was.')).toBeVisible()
  await desk.getByRole('button', { name: guest, exact: true }).click()
  const panel = desk.getByRole('dialog')
  await expect(panel.getByText('Given by wanda_bench: mended the lamp')).toBeVisible()
  await expect(panel.getByText('Corrected again by wanda_bench: mended the lamp')).toBeVisible()
})

test('however many there are, the list goes on where it is scrolled to', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  await desk.getByRole('columnheader', { name: 'Name' }).getByRole('button').click()
  const list = desk.getByRole('region', { name: 'Everybody' })
  await expect(list.getByRole('checkbox').first()).toHaveAccessibleName(/^Choose [ab]/i)
  await expect(async () => {
    await list.evaluate((element) => element.scrollTo(0, element.scrollHeight))
    await expect(list.getByRole('button', { name: /^wobbly_wire/ }).last()).toBeVisible({ timeout: 500 })
  }).toPass()
  expect(await list.getByRole('row').count()).toBeLessThan(60)
  await list.evaluate((element) => element.scrollTo(0, 0))
  await expect(list.getByRole('checkbox').first()).toHaveAccessibleName(/^Choose [ab]/i)
})
