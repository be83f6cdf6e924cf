import { expect, type Page } from '@playwright/test'
import {
  chatRoom,
  DESK,
  deskOnAir,
  expectAccessible,
  expectReadFromAfar,
  newcomer,
  OVERLAY,
  openWindow,
  PHONE,
  say,
  signedIn,
  test,
  VIEWER,
  WEB,
} from './stage.ts'

const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click()
test('a duel is called in chat, taken on the phone, and its outcome is checked there', async ({ browser }) => {
  await deskOnAir(browser)
  const standin = await chatRoom(browser)
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  await phone.getByRole('link', { name: 'Games' }).click()
  await expect(phone.getByText('Rivets have no money value')).toBeVisible()
  await say(standin, 'umbra_coil', '!duel @valve_vera 50')
  const asked = phone.getByRole('list', { name: 'For you now' })
  await expect(asked.getByText('umbra_coil challenges you to a duel for 50 rivets')).toBeVisible()
  await expectAccessible(phone)
  await asked.getByRole('button', { name: 'Accept for 50 rivets' }).click()
  await expect(standin.getByRole('log').getByText(/(umbra_coil|valve_vera).*(wins|takes) .*98 rivets/)).toBeVisible()
  const last = phone.getByRole('link', { name: /Duel (umbra_coil|valve_vera) won 98/ }).first()
  await last.click()
  await expect(phone.getByText('The seed fits the commitment')).toBeVisible()
  await expect(phone.getByText('The stream of numbers is the one your browser computes')).toBeVisible()
  await expect(phone.getByText('All 3 steps match.')).toBeVisible()
  await expectAccessible(phone)
  const download = phone.waitForEvent('download')
  await phone.getByRole('link', { name: 'Download this round (JSON)' }).click()
  expect((await download).suggestedFilename()).toMatch(/^round-workbench-\d+\.json$/)
})

test('a heist is opened at the desk, joined in chat and on the page, runs at the side of the desk, and is called off', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  await desk.getByRole('link', { name: 'Games', exact: true }).click()
  await expect(desk.getByRole('cell', { name: '97.3 %', exact: true })).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Gather a crew' }).click()
  const running = desk.getByRole('region', { name: 'Running' })
  await expect(running.getByText('Heist')).toBeVisible()
  await say(standin, 'valve_vera', '!heist 30 1')
  const phone = await signedIn(browser, VIEWER, 'umbra_coil', PHONE)
  await phone.getByRole('link', { name: 'Games' }).click()
  await phone.getByRole('button', { name: 'Come along' }).click()
  await expect(phone.getByText('2 are in')).toBeVisible()
  await expect(running.getByText('2 in · 40 in the pot')).toBeVisible()
  await say(standin, 'valve_vera', '!heist 30')
  await expect(standin.getByRole('log').getByText('valve_vera: You are already in.')).toBeVisible()
  await running.getByRole('button', { name: 'Call off Heist' }).click()
  await expectAccessible(desk)
  await desk.getByRole('dialog').getByRole('button', { name: 'Call it off' }).click()
  await expect(standin.getByRole('log').getByText('Heist: called off. All stakes are refunded.')).toBeVisible()
  await expect(running.getByText('Heist')).toBeHidden()
  await expect(phone.getByText('Heist 10 · stake back').first()).toBeVisible()
})

test('odds are set with what they give back, what pays too much is confirmed by typing, and texts are one’s own', async ({
  browser,
}) => {
  const desk = await signedIn(browser, `${DESK}/games`, 'wanda_bench')
  await desk.getByRole('button', { name: /^Coin/ }).click()
  await desk.getByLabel('The right side pays').fill('2.1')
  await expect(desk.getByText('It can pay back 105.0 %')).toBeVisible()
  await desk.getByRole('button', { name: 'Save now' }).click()
  const asks = desk.getByRole('dialog', { name: 'It pays out more than it takes' })
  await expect(asks.getByRole('button', { name: 'Save it like this' })).toBeDisabled()
  await asks.getByLabel('Type: more than 100').fill('more than 100')
  await asks.getByRole('button', { name: 'Save it like this' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await desk.getByLabel('The right side pays').fill('1.96')
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await desk.keyboard.press('Escape')

  await desk
    .getByRole('button', { name: /^Heist/ })
    .first()
    .click()
  await tab(desk, 'Sites')
  await expect(desk.getByRole('row', { name: /^Room 1 80 % × / })).toBeAttached()
  await expectAccessible(desk)
  await tab(desk, 'An evening')
  await expect(desk.getByText(/Half of the evenings end with/)).toBeVisible()
  await expectAccessible(desk)
  await desk.keyboard.press('Escape')
  await desk
    .getByRole('button', { name: /^Reels/ })
    .first()
    .click()
  await desk.getByLabel('Wanted return in per cent').fill('90')
  await desk.getByRole('button', { name: 'Change what the lines pay' }).click()
  await expect(desk.getByText(/Players get back (89\.9|90\.0) % of their stakes/)).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Discard changes' }).click()
  await desk.keyboard.press('Escape')

  await desk.getByRole('link', { name: 'Messages' }).click()
  await desk.getByLabel('Of which game').selectOption('Coin')
  await desk.getByLabel('The right side is up, text 1').fill('{{ viewer.name }} called it: {{ sid }}')
  await expect(desk.getByText('There is no field "sid" here.')).toBeVisible()
  await desk.getByLabel('The right side is up, text 1').fill('{{ viewer.name }} called it: {{ side }}')
  await expect(desk.getByText('Reads like: robin called it: heads')).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Save now' }).click()
  await desk.getByRole('button', { name: 'Restore the default texts' }).click()
  await expect(desk.getByLabel('The right side is up, text 1')).toHaveValue(/it is, {{ paid }}/)
})

test('a scramble is set, opened at the desk, joined in chat and on the phone, goes out in waves on the stream, and is checked', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  await desk.getByRole('link', { name: 'Games', exact: true }).click()
  await desk.getByRole('button', { name: /^Boss fight/ }).click()
  await tab(desk, 'How strong it is')
  await expect(desk.getByText(/They win \d+\.\d % of the time/)).toBeVisible()
  await expectAccessible(desk)
  await desk.keyboard.press('Escape')
  await desk.getByRole('button', { name: /^Scramble/ }).click()
  for (const [label, typed] of [
    ['The house adds', '0'],
    ['Fewest people', '2'],
    ['People gather for', '15'],
    ['Pause between two waves', '2'],
  ] as const)
    await desk.getByLabel(label).fill(typed)
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await desk.keyboard.press('Escape')
  const phone = await signedIn(browser, `${VIEWER}/games`, 'umbra_coil', PHONE)
  await desk.getByRole('button', { name: 'Gather people' }).click()
  await expect(standin.getByRole('log').getByText(/A scramble, everyone against everyone: !scramble/)).toBeVisible()
  await say(standin, 'valve_vera', '!scramble')
  await expect(standin.getByRole('log').getByText('valve_vera is in (1 now).')).toBeVisible()
  await phone.getByRole('button', { name: 'Join in for 50' }).click()
  await expect(overlay.locator('.piece.scramble').getByText('2 in')).toBeVisible()
  await expectReadFromAfar(overlay)
  await expectAccessible(phone)
  await expect(
    standin.getByRole('log').getByText(/(umbra_coil|valve_vera) is the last one standing\. Paid: /),
  ).toBeVisible()
  await expect(overlay.locator('.piece.scramble .round-figure').getByText(/^(umbra_coil|valve_vera)$/)).toBeVisible()
  await phone
    .getByRole('link', { name: /Scramble 2 people/ })
    .first()
    .click()
  await expect(phone.getByText('All 2 steps match.')).toBeVisible()
  await expect(phone.getByRole('cell', { name: 'place 1', exact: true })).toBeVisible()
  await expectAccessible(phone)
})

test('a cup is opened, signed up for in chat and on the page, drawn, and followed to its end on every screen', async ({
  browser,
}) => {
  const desk = await deskOnAir(browser)
  const standin = await chatRoom(browser)
  await desk.getByRole('link', { name: 'Games', exact: true }).click()
  await desk.getByRole('link', { name: 'Cup', exact: true }).click()
  await desk.getByLabel('Name', { exact: true }).fill('Lamp cup')
  await desk.getByLabel('Places', { exact: true }).fill('4')
  await desk.getByLabel('Time to show up for a match').fill('30')
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Open the sign-up' }).click()
  await expect(desk.getByText('Nobody yet.')).toBeVisible()
  const [one, two] = [newcomer(), `${newcomer()}b`]
  for (const name of [one, two]) await say(standin, name, '!cup')
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  await phone.getByRole('link', { name: 'Games' }).click()
  await phone.getByRole('button', { name: 'Sign up' }).click()
  await expect(desk.getByText('3 of 4 places')).toBeVisible()
  await desk.getByRole('button', { name: 'Draw the bracket now' }).click()
  await expect(desk.getByRole('region', { name: 'Final', exact: true })).toBeVisible()
  await expectAccessible(desk)
  const won = standin.getByRole('log').getByText(/wins Lamp cup and 500 rivets!/)
  // Everybody answers each call until the cup is won.
  for (let i = 0; i < 30 && !(await won.isVisible()); i++) {
    const there = phone.getByRole('button', { name: 'I am there' })
    // A call is over as soon as its match is: its button may go while it is being pressed.
    if (await there.isVisible()) await there.click({ timeout: 3000 }).catch(() => undefined)
    for (const name of [one, two]) await say(standin, name, '!take')
    await standin.waitForTimeout(1000)
  }
  await expect(won).toBeVisible()
  await expect(desk.getByRole('button', { name: 'Open the sign-up' })).toBeVisible()
  await phone
    .getByRole('link', { name: /won Lamp cup/ })
    .first()
    .click()
  await expect(phone.getByText(/All \d steps match/)).toBeVisible()
  await expectAccessible(phone)
})

test('the pieces of the games show what is played, and who sits out is kept from playing', async ({ browser }) => {
  const desk = await deskOnAir(browser)
  const name = newcomer()
  await desk.getByRole('link', { name: 'Screen', exact: true }).click()
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  const row = desk.getByRole('listitem').filter({ hasText: name })
  const overlay = await openWindow(browser)
  await overlay.goto((await row.getByRole('link', { name: 'Open it' }).getAttribute('href')) ?? '')
  await row.getByRole('link', { name: 'Arrange' }).click()
  for (const kind of ['Wheel', 'Reels and coin', 'Heist', 'Duel', 'Cup'])
    await desk.getByRole('button', { name: kind, exact: true }).click()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  await phone.getByRole('link', { name: 'Games' }).click()
  await phone.getByRole('button', { name: 'Pull' }).click()
  await expect(overlay.locator('.reels-row .reel')).toHaveCount(3)
  await expect(overlay.getByText(/ for 10$/)).toBeVisible()
  await phone.getByRole('button', { name: 'Bet' }).click()
  await expect(overlay.getByText('valve_vera: 10 on red')).toBeVisible()
  await expect(phone.getByText('Yours: 10 on red')).toBeVisible()

  const tired = await signedIn(browser, VIEWER, newcomer(), PHONE)
  await tired.goto(`${WEB}${VIEWER}/games`)
  await tired.getByRole('button', { name: 'Sit out' }).click()
  await tired.getByText('30 days').click()
  await expectAccessible(tired)
  await tired.getByRole('button', { name: 'Sit out for 30 days' }).click()
  await expect(tired.getByText('Nobody can end that early.').first()).toBeVisible()
  await tired.getByRole('button', { name: /^Toss/ }).click()
  await expect(tired.getByText('You are sitting out for 30 days more')).toBeVisible()
})
