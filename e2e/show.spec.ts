import { expect } from '@playwright/test'
import { chatRoom, DESK, deskOnAir, newcomer, PHONE, say, signedIn, test, VIEWER } from './stage.ts'

test('somebody else’s channel is shown with pay paused, and then one’s own again', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  await desk.getByRole('button', { name: 'Show somebody else’s channel …' }).click()
  await desk.getByLabel('Whose channel is it?').fill('The glass bench')
  await desk.getByRole('radio', { name: /nothing is paid/ }).check()
  await desk.getByRole('button', { name: 'Show it' }).click()
  await expect(desk.getByText('Showing The glass bench; earning is paused')).toBeVisible()
  await desk.getByRole('button', { name: 'Back to our own show' }).click()
  await expect(desk.getByRole('button', { name: 'Show somebody else’s channel …' })).toBeVisible()
})

test('a show that has just ended can be continued', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  const title = (await desk.getByRole('heading', { level: 1 }).textContent()) ?? ''
  await desk.getByRole('button', { name: 'Go off air' }).click()
  await desk.getByRole('dialog').getByRole('button', { name: 'Go off air' }).click()
  await expect(desk.getByRole('heading', { name: 'You are off air' })).toBeVisible()
  await desk.getByRole('button', { name: 'Start a show' }).click()
  await desk.getByRole('button', { name: 'Continue it' }).click()
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText(title)
})

test('an adjustment can be undone after its message has gone, and everybody in a circle is given to at once', async ({
  browser,
}) => {
  const guest = newcomer()
  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  const desk = await signedIn(browser, `${DESK}/ranks`, 'wanda_bench')
  const crew = desk.getByRole('listitem').filter({ hasText: 'Bench crew' })
  await crew.getByRole('button', { name: 'Adjust all …' }).click()
  await desk.getByLabel('How many rivets, each').fill('10')
  await desk.getByLabel('Why').fill('sweeping up')
  await desk.getByRole('button', { name: 'Give 10 rivets' }).click()
  await expect(desk.getByText(/^Gave everyone in "Bench crew" \d+ rivets in all\.$/)).toBeVisible()
  await desk.getByRole('navigation').getByRole('link', { name: 'People' }).click()
  const recent = desk.getByRole('region', { name: 'Adjustments you can undo' })
  await expect(recent.getByText(/sweeping up/)).toBeVisible()
  await recent.getByRole('button', { name: 'Undo' }).first().click()
  await expect(desk.getByText('Undone: everything is as it was.')).toBeVisible()
  await expect(recent.getByText(/sweeping up/)).toBeHidden()
})

test('a viewer checks in by the button of their page', async ({ browser }) => {
  const guest = newcomer()
  await deskOnAir(browser)
  const phone = await signedIn(browser, `${VIEWER}/mine`, guest, PHONE)
  await expect(phone.getByText('How to earn rivets here')).toBeVisible()
  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  await phone.reload()
  await phone.getByRole('button', { name: 'Check in to this show' }).click()
  await expect(phone.getByText('Checked in: 20 rivets.')).toBeVisible()
  await expect(phone.getByText('You are checked in to this show.')).toBeVisible()
})
