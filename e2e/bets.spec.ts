import { expect } from '@playwright/test'
import {
  chatRoom,
  DESK,
  deskOnAir,
  expectAccessible,
  OVERLAY,
  openWindow,
  PHONE,
  say,
  signedIn,
  test,
  VIEWER,
  WEB,
} from './stage.ts'

test('a bet is opened in seconds, laid in chat and on the phone, locked, settled after a look at who gets what, and paid', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  const room = standin.getByRole('log')
  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  await desk.goto(`${WEB}${DESK}/bets`)
  await desk.getByRole('button', { name: 'Open a bet' }).click()
  await expect(desk.getByRole('button', { name: 'Open it now' })).toBeDisabled()
  await desk.getByLabel('What is bet on').fill('Will the brass radio play?')
  await desk.getByLabel('Outcome 1', { exact: true }).fill('It sings')
  await expect(desk.getByLabel('Word for outcome 1')).toHaveValue('it')
  await desk.getByLabel('Word for outcome 1').fill('sings')
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'More: stakes' }).click()
  await desk.getByLabel('From the winner to the payment').fill('3')
  await desk.getByLabel('Bets of the last').fill('0')
  await desk.getByRole('button', { name: 'Open it now' }).click()
  await expect(
    room.getByText(/Bet: “Will the brass radio play\?” 1 It sings \(sings\), 2 No\. Type !back sings 100/),
  ).toBeVisible()
  await expect(overlay.locator('.bet').getByText('Will the brass radio play?')).toBeVisible()

  await say(standin, 'valve_vera', '!back sings 50')
  await expect(room.getByText('valve_vera has 50 rivets on “It sings”; that would bring 50 rivets now.')).toBeVisible()
  const phone = await signedIn(browser, `${VIEWER}/bets`, 'umbra_coil', PHONE)
  const card = phone.getByRole('listitem').filter({ hasText: 'Will the brass radio play?' })
  await card.getByRole('radio', { name: 'No' }).check()
  await card.getByLabel('Stake').fill('30')
  await expectAccessible(phone)
  await card.getByRole('button', { name: 'Bet 30 rivets' }).click()
  await expect(card.getByText('You have 30 on it.')).toBeVisible()
  await expect(card.getByRole('button', { name: /^Add / })).toBeVisible()
  const running = desk
    .getByRole('complementary', { name: 'Running and waiting' })
    .getByRole('region', { name: 'Running' })
  await running.getByRole('button', { name: 'Lock now: Will the brass radio play?' }).click()
  await expect(
    room.getByText(/“Will the brass radio play\?” is locked: 2 people have bet, 80 rivets are in the pot\./),
  ).toBeVisible()
  await say(standin, 'rosa_dial', '!back no 20')
  await expect(room.getByText(/rosa_dial: Betting on .* was closed .*by the server’s clock/)).toBeVisible()

  await running.getByRole('button', { name: 'Pick what came true: Will the brass radio play?' }).click()
  const dialog = desk.getByRole('dialog')
  await dialog.getByRole('radio', { name: /^It sings/ }).check()
  await expect(dialog.getByRole('region', { name: 'What it pays' })).toContainText('They share beside them30')
  await dialog.getByLabel(/^Note/).fill('It sang at ten past eight.')
  await expectAccessible(desk)
  await dialog.getByRole('button', { name: '“It sings” came true' }).click()
  await expect(room.getByText(/It sings! 1 winner gets 30 rivets beside the stake\. Paid in 3 s\./)).toBeVisible()
  await expect(card.getByRole('button')).toHaveCount(0)
  await expect(phone.getByText('You staked 30 and got 0.')).toBeVisible()
  await expect(phone.getByText(/It sang at ten past eight\./)).toBeVisible()
  await desk.getByLabel('Search in questions, outcomes and notes').fill('ten past')
  await expect(
    desk.getByRole('row', { name: /Will the brass radio play\?.*80.*It sings by wanda_bench/ }),
  ).toBeVisible()
  await desk.getByRole('link', { name: 'Will the brass radio play?' }).click()
  await expect(desk.getByRole('row', { name: /valve_vera.*It sings.*50.*80/ })).toBeVisible()
  await expectAccessible(desk)
})

test('a goal is set up with a milestone, chipped in for in chat and on the phone, and goes to those that ended', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  const room = standin.getByRole('log')
  await desk.goto(`${WEB}${DESK}/goals`)
  await desk.getByRole('button', { name: 'Set up a goal' }).click()
  await desk.getByLabel('What you promise').fill('Stairs lamp for everyone')
  await expect(desk.getByLabel('Word for it in chat')).toHaveValue('stairs')
  await desk.getByLabel('What it takes').fill('100')
  await desk.getByRole('tab', { name: 'Milestones' }).click()
  await desk.getByRole('button', { name: 'Add a milestone' }).click()
  await desk.getByLabel('Name of milestone 1').fill('A shade')
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Open it now' }).click()
  await expect(room.getByText(/A goal for all of us: “Stairs lamp for everyone”, 100 rivets/)).toBeVisible()
  await say(standin, 'valve_vera', '!chip 40 stairs')
  await expect(room.getByText(/valve_vera chips in 40 rivets: 40 rivets of 100 rivets/)).toBeVisible()
  const phone = await signedIn(browser, `${VIEWER}/goals`, 'umbra_coil', PHONE)
  const card = phone.getByRole('listitem').filter({ hasText: 'Stairs lamp for everyone' }).first()
  await card.getByLabel('How much').fill('70')
  await expectAccessible(phone)
  await card.getByRole('button', { name: 'Chip in 60 rivets' }).click()
  await expect(room.getByText(/A shade is reached, at 50 rivets!/)).toBeVisible()
  await expect(room.getByText(/“Stairs lamp for everyone” is reached: 100 rivets from 2 people/)).toBeVisible()
  await expect(phone.getByText(/reached · 100 from 2 people · 60 of it yours/)).toBeVisible()
  await expect(desk.getByRole('row', { name: /Stairs lamp for everyone.*Reached.*100/ })).toBeVisible()
  await expectAccessible(desk)
})
