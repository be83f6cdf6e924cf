import { readFile } from 'node:fs/promises'
import { expect, type Page } from '@playwright/test'
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

const setUp = async (desk: Page, title: string, prize: string, word: string) => {
  await desk.goto(`${WEB}${DESK}/raffles/new`)
  await desk.getByLabel('Title').fill(title)
  await desk.getByLabel('What it is').fill(prize)
  await desk.getByLabel('Command and aliases').fill(`!${word}`)
}

test('a raffle is set up with what it means tonight, entered in chat and on the phone, drawn on the odds bar, claimed, and checked without a connection', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  await setUp(desk, 'Brass lamp', 'a lamp of brass', 'brass')
  await desk.getByRole('button', { name: /^Spend for more chances/ }).click()
  await expect(desk.getByText(/who are here could enter/)).toBeVisible()
  await expect(desk.getByText(/^All tickets a viewer can have cost 180 rivets: /)).toBeVisible()
  await expect(desk.getByText('!brass is free.')).toBeVisible()
  await expectAccessible(desk)
  await desk.getByLabel('Command and aliases').fill('!get')
  await expect(desk.getByText(/"!get" would mean two things/).first()).toBeVisible()
  await expect(desk.getByRole('button', { name: 'Open now' })).toBeDisabled()
  await desk.getByLabel('Command and aliases').fill('!brass')
  await desk.getByLabel('The marker runs for').fill('6')
  await desk.getByRole('button', { name: 'Open now' }).click()
  await expect(desk.getByRole('heading', { name: 'Brass lamp', level: 1 })).toBeVisible()
  await expect(standin.getByRole('log').getByText(/“Brass lamp” is open: a lamp of brass\. Type !brass/)).toBeVisible()
  await expect(overlay.locator('.raffle').getByText('!brass')).toBeVisible()

  await say(standin, 'valve_vera', '!brass')
  await expect(standin.getByRole('log').getByText('valve_vera is in with 1 ticket. Chance now: 100 %.')).toBeVisible()
  await say(standin, 'valve_vera', '!brass 99')
  await expect(
    standin.getByRole('log').getByText(/valve_vera: 10 tickets are the most for each, and you have 1\./),
  ).toBeVisible()
  const phone = await signedIn(browser, VIEWER, 'umbra_coil', PHONE)
  await phone.getByRole('link', { name: 'Raffles' }).click()
  await phone.getByRole('link', { name: /Brass lamp/ }).click()
  await expectAccessible(phone)
  await phone.getByRole('button', { name: 'Enter with 1 ticket, free' }).click()
  await expect(phone.getByText('You are in with 1 ticket. Your chance now: 50 %')).toBeVisible()
  await phone.getByLabel('How many tickets').fill('2')
  await phone.getByRole('button', { name: 'tickets for 40 rivets' }).click()
  await expect(phone.getByText('Your chance now: 75 %')).toBeVisible()
  await expect(desk.getByRole('row', { name: /umbra_coil.* 3 .*75 %/ })).toBeVisible()
  await expectAccessible(desk)

  // Readable without signing in.
  const stranger = await openWindow(browser)
  await stranger.goto(phone.url())
  await expect(stranger.getByText('Everyone may enter.')).toBeVisible()
  await expect(stranger.getByText('2 people in, 4 tickets')).toBeVisible()

  const bench = desk
    .getByRole('complementary', { name: 'Running and waiting' })
    .getByRole('region', { name: 'Running' })
  await bench.getByRole('button', { name: 'Close: Brass lamp' }).click()
  await expect(
    standin.getByRole('log').getByText(/“Brass lamp” is closed: 2 people are in with 4 tickets, 40 rivets in the pot/),
  ).toBeVisible()
  await bench.getByRole('button', { name: 'Draw: Brass lamp' }).click()
  await expect(overlay.locator('.strip')).toBeVisible()
  await expect(phone.getByRole('img', { name: /odds bar/ })).toBeVisible()
  const told = standin
    .getByRole('log')
    .getByText(/(valve_vera|umbra_coil) is drawn for “Brass lamp”, with a chance of (25|75) %/)
  await expect(told).toBeVisible()
  const winner = /(valve_vera|umbra_coil) is drawn/.exec((await told.textContent()) ?? '')?.[1] ?? ''
  if (winner === 'umbra_coil') {
    const won = phone.getByText('You won: a lamp of brass')
    // The demo's crowd may speak for them first.
    const claimed = async () => {
      await expect(phone.getByText('You are drawn: a lamp of brass')).toBeVisible()
      await expectAccessible(phone)
      await phone.getByRole('button', { name: 'I am here' }).click()
    }
    await Promise.race([claimed().catch(() => won.waitFor()), won.waitFor()])
    await expect(won).toBeVisible()
  } else await say(standin, 'valve_vera', 'oh, a lamp!')
  await expect(standin.getByRole('log').getByText(`${winner} has replied: “Brass lamp” is won.`)).toBeVisible()
  await desk.getByLabel('has the prize').click()
  await expect(desk.getByText(`${winner} has the prize.`)).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Finish', exact: true }).click()

  await expect(phone.getByText('All 4 steps match.')).toBeVisible()
  await expect(phone.getByText('The seed fits the commitment')).toBeVisible()
  await expectAccessible(phone)
  const download = phone.waitForEvent('download')
  await phone.getByRole('link', { name: 'Download this raffle (JSON)' }).click()
  const path = await (await download).path()
  await stranger.goto(`${WEB}${VIEWER}/check`)
  await expect(stranger.getByLabel('The file')).toBeVisible()
  await stranger.context().setOffline(true)
  await stranger.getByLabel('The file').setInputFiles(path)
  await expect(stranger.getByText('All 4 steps match.')).toBeVisible()
  const forged = JSON.parse(await readFile(path, 'utf8'))
  forged.entrants[0].tickets += 5
  await stranger
    .getByLabel('The file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(forged)) })
  await expect(stranger.getByText(/of 4 steps do not match/)).toBeVisible()
})

test('a template starts with one key, which Escape stops; a raffle is called off and refunded', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  await setUp(desk, 'Key lamp', 'a lamp with a key', 'keylamp')
  await desk.getByRole('button', { name: /^Spend for more chances/ }).click()
  await desk.getByRole('button', { name: 'Save as a template …' }).click()
  await desk.getByLabel('Key that starts it').selectOption('the key 7')
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(desk.getByRole('heading', { name: 'Raffles', level: 1 })).toBeVisible()
  await expect(desk.getByRole('button', { name: 'Open now: “Key lamp”' })).toBeVisible()
  await desk.keyboard.press('7')
  await expect(desk.getByText(/“Key lamp” opens in/)).toBeVisible()
  await desk.keyboard.press('Escape')
  await expect(desk.getByText(/“Key lamp” opens in/)).toBeHidden()
  await desk.keyboard.press('7')
  await expect(desk.getByText('“Key lamp” is open.')).toBeVisible()
  await say(standin, 'valve_vera', '!keylamp 3')
  await expect(standin.getByRole('log').getByText('valve_vera is in with 3 tickets for 40 rivets.')).toBeVisible()
  await desk.getByRole('main').getByRole('button', { name: 'Call off “Key lamp”' }).click()
  await expect(desk.getByText('All 40 rivets paid for tickets are refunded')).toBeVisible()
  await desk.getByLabel(/^Why/).fill('The key broke.')
  await desk.getByRole('dialog').getByRole('button', { name: 'Call it off' }).click()
  await expect(
    standin.getByRole('log').getByText('“Key lamp” is called off: The key broke. (wanda_bench) All tickets are'),
  ).toBeVisible()
  await desk.getByLabel('Search in titles and winners').fill('key lamp')
  await expect(desk.getByRole('row', { name: /Key lamp .* called off/ })).toBeVisible()
  await desk.getByRole('link', { name: 'Run again: “Key lamp”' }).click()
  await expect(desk.getByLabel('Title')).toHaveValue('Key lamp')
  const phone = await signedIn(browser, `${VIEWER}/mine`, 'valve_vera', PHONE)
  await expect(phone.getByText('Raffle tickets, refunded: Key lamp').first()).toBeVisible()
})
