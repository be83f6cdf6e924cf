import { expect } from '@playwright/test'
import { chatRoom, DESK, deskOnAir, signedIn, test } from './stage.ts'

test('what happens on the platform shows on Connections, and what is badly signed is turned away there', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  await desk.getByRole('link', { name: 'Connections' }).click()
  await expect(desk.getByText('In #workbench.')).toBeVisible()
  const standin = await chatRoom(browser)
  const happen = async (what: string, way: string, answer: RegExp) => {
    await standin.getByLabel('What happens').selectOption(what)
    await standin.getByLabel('delivered').selectOption(way)
    await standin.getByRole('button', { name: 'Send it' }).click()
    await expect(standin.getByText(answer)).toBeVisible()
  }
  await standin.getByLabel('What happens').selectOption('raid')
  await standin.getByRole('spinbutton').fill('41')
  await happen('raid', 'twice', /^202/)
  await expect(desk.getByRole('cell', { name: 'pia_ohm brought 41 viewers' })).toHaveCount(1)
  await happen('tip', 'wrong secret', /^401: The signature/)
  await desk.getByText(/rejected recently/).click()
  await expect(desk.getByText(/The signature was made with none/).first()).toBeVisible()
  await happen('show.ended', 'right', /^202: The show is off air/)
  await expect(desk.getByRole('button', { name: 'Go on air' })).toBeVisible()
  await happen('show.started', 'right', /^202/)
})

test('the bot says a test line; a secret is shown once and can be revoked', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/connections`, 'wanda_bench')
  await desk.getByRole('button', { name: 'Say a test line' }).click()
  const standin = await chatRoom(browser)
  await expect(standin.getByText('A test from the desk').first()).toBeVisible()
  await desk.getByLabel('New secret for').fill('Tip jar')
  await desk.getByRole('checkbox', { name: 'Tips' }).check()
  await desk.getByRole('button', { name: 'Add a secret' }).click()
  await expect(desk.getByText(/^whsec_/)).toBeVisible()
  await desk.getByRole('button', { name: 'I have it' }).click()
  await expect(desk.getByText(/^whsec_/)).toHaveCount(0)
  const row = desk.getByRole('listitem').filter({ hasText: 'Tip jar' })
  await row.getByRole('button', { name: 'Revoke' }).click()
  await row.getByRole('button', { name: 'Revoke it' }).click()
  await expect(row).toHaveCount(0)
  await desk.getByRole('button', { name: 'Send a test event' }).click()
  await expect(desk.getByRole('cell', { name: 'A test from the desk' }).first()).toBeVisible()
})
