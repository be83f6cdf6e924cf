import { expect } from '@playwright/test'
import { DESK, newcomer, PHONE, STANDIN, signedIn, test, VIEWER } from './stage.ts'

test('support is paid as the plan says, once applied, and the viewer sees why', async ({ browser }) => {
  const guest = newcomer()
  const desk = await signedIn(browser, `${DESK}/earning`, 'wanda_bench')
  const support = desk.getByRole('region', { name: 'Support' })
  const tip = support.getByLabel('A tip, per whole unit of money')
  await tip.fill('1.5')
  await expect(support.getByText('Give a whole number from 0')).toBeVisible()
  await expect(support.getByRole('button', { name: 'Apply now' })).toBeDisabled()
  await tip.fill('45')
  await expect(support.getByText('7.50: 337 rivets')).toBeVisible()
  await support.getByRole('button', { name: 'Apply now' }).click()
  await expect(support.getByRole('button', { name: 'Applied' })).toBeVisible()

  const standin = await (await browser.newContext()).newPage()
  await standin.goto(STANDIN)
  await standin.getByLabel('Speak as').fill(guest)
  await standin.getByLabel('What happens').selectOption('tip')
  await standin.getByRole('spinbutton').fill('750')
  await standin.getByRole('button', { name: 'Send it' }).click()
  await expect(standin.getByText('202: Paid 337 rivets.')).toBeVisible()

  const phone = await signedIn(browser, `${VIEWER}/mine`, guest, PHONE)
  await expect(phone.getByRole('row', { name: /Tipped 7\.50.*\+337.*337/ })).toBeVisible()
  await tip.fill('30')
  await support.getByRole('button', { name: 'Apply now' }).click()
  await expect(support.getByRole('button', { name: 'Applied' })).toBeVisible()
})
