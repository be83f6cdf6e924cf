import { expect, type Page, type Route } from '@playwright/test'
import {
  chatRoom,
  DESK,
  deskOnAir,
  expectAccessible,
  newcomer,
  OVERLAY,
  openWindow,
  PHONE,
  STANDIN,
  say,
  signedIn,
  test,
  VIEWER,
} from './stage.ts'

const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click()
/** A word of letters only, new each time. */
const fresh = (): string => newcomer().replace('guest_', 'w')

test('a reward is made, priced in watching, tried, bought in chat and on the phone, and its limit is said', async ({
  browser,
}) => {
  const word = fresh()
  const desk = await deskOnAir(browser)
  await desk.getByRole('link', { name: 'Store', exact: true }).click()
  await expect(desk.getByRole('button', { name: 'Factory whistle', exact: true })).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Add a reward' }).click()
  await desk.getByLabel('Name', { exact: true }).fill(`The lamp ${word}`)
  await desk.getByLabel('Chat word, as in !get hat').fill('whistle')
  await expect(desk.getByText('"whistle" already buys “Factory whistle”.').first()).toBeVisible()
  await desk.getByLabel('Chat word, as in !get hat').fill(word)
  await expectAccessible(desk)
  await tab(desk, 'Price')
  await desk.getByRole('textbox', { name: 'Price' }).fill('10')
  await expect(desk.getByText(/half hold .* or less; about \d+ could buy it now/)).toBeVisible()
  await expect(desk.getByText('Only watches')).toBeVisible()
  await expectAccessible(desk)
  await tab(desk, 'Limits')
  await desk.getByLabel('Stock, in all').fill('2')
  await expect(desk.getByText('There are 2 in all.')).toBeVisible()
  await expectAccessible(desk)
  await tab(desk, 'What happens')
  await desk.getByLabel('Alert it shows').selectOption({ label: 'Alert: Sparks on screen' })
  await expect(desk.getByText(/will play it|not connected/).first()).toBeVisible()
  await tab(desk, 'Try it')
  await desk.getByRole('button', { name: 'Try it (changes nothing)' }).click()
  await expect(desk.getByText('It would work.')).toBeVisible()
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await desk.keyboard.press('Escape')

  const standin = await chatRoom(browser)
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  const row = phone
    .getByRole('listitem')
    .filter({ hasText: `The lamp ${word}` })
    .last()
  await expect(row.getByText('2 left')).toBeVisible()
  await row.getByRole('button').click()
  const dialog = phone.getByRole('dialog')
  // However slow the machine is: they buy it in chat in the moment before their order on the page arrives.
  const buysInChat = async (route: Route) => {
    await say(standin, 'valve_vera', `!get ${word}`)
    await expect(standin.getByRole('log').getByText(`valve_vera bought The lamp ${word} for 10 rivets`)).toBeVisible()
    // Behind the dialog it has no role.
    await expect(
      phone
        .locator('li', { hasText: `The lamp ${word}` })
        .last()
        .getByText('1 left'),
    ).toBeAttached()
    await route.continue()
  }
  await phone.route('**/orders', buysInChat, { times: 1 })
  await dialog.getByRole('button', { name: 'Buy for 10 rivets' }).click()
  await expect(dialog.getByText(/You ordered The lamp .* Order it again\?/)).toBeVisible()
  await dialog.getByRole('button', { name: 'Yes, once more' }).click()
  await expect(phone.getByText(/^Bought: The lamp/)).toBeVisible()
  await expect(row.getByText('sold out: all 2 are gone')).toBeVisible()
  await expectAccessible(phone)
})

test('codes are pasted, handed out to the buyer alone, and the desk sees how many are left', async ({ browser }) => {
  const word = fresh()
  const desk = await signedIn(browser, `${DESK}/store`, 'wanda_bench')
  await desk.getByRole('button', { name: 'Add a reward' }).click()
  await desk.getByLabel('Name', { exact: true }).fill(`Guide ${word}`)
  await desk.getByLabel('Chat word, as in !get hat').fill(word)
  await desk.getByText('Gives out a code').click()
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Sold out: its list has no code left.').first()).toBeVisible()
  await tab(desk, 'Codes')
  await desk.getByLabel('Codes to add, one per line').fill(`${word}-A\n\n${word}-B\n${word}-A\n`)
  await expect(desk.getByText('2 codes, 1 repeated and skipped.')).toBeVisible()
  await desk.getByRole('button', { name: 'Add the codes' }).click()
  await expect(desk.getByText('2 codes left, 0 of 2 given out.')).toBeVisible()
  await expectAccessible(desk)
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  await phone.getByRole('button', { name: new RegExp(`^Guide ${word} for 100 rivets`) }).click()
  const dialog = phone.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Buy for 100 rivets' }).click()
  await dialog.getByRole('button', { name: 'Show my code' }).click()
  await expect(dialog.getByText(`${word}-A`)).toBeVisible()
  await expectAccessible(phone)
  await dialog.getByRole('button', { name: 'Good' }).click()
  await expect(desk.getByText('1 code left, 1 of 2 given out.')).toBeVisible()
})

test('what comes by post asks for the address on the page, which the desk opens and nobody else', async ({
  browser,
}) => {
  const phone = await signedIn(browser, VIEWER, 'valve_vera', PHONE)
  await phone.getByRole('button', { name: /^Postcard from the bench for/ }).click()
  const dialog = phone.getByRole('dialog')
  await dialog.getByLabel('What should it say?').fill('Get well soon')
  await dialog.getByLabel(/^Where should it be sent/).fill('Vera Ventil\nRoehrengasse 7')
  await expectAccessible(phone)
  await dialog.getByRole('button', { name: /^Buy for 600 rivets/ }).click()
  await expect(phone.getByText(/^Bought: Postcard/)).toBeVisible()
  const desk = await deskOnAir(browser)
  const card = desk.getByRole('listitem', { name: 'Postcard from the bench, ordered by valve_vera' })
  await expect(card.getByText('Roehrengasse')).toHaveCount(0)
  await card.getByRole('button', { name: 'Show the address' }).click()
  await expect(card.getByText('Roehrengasse 7')).toBeVisible()
  await card.getByRole('button', { name: 'Assign to me' }).click()
  await expect(card.getByText('Assigned to wanda_bench.')).toBeVisible()
  await card.getByRole('button', { name: 'Done' }).click()
  await expect(card).toBeHidden()
})

test('orders are searched, gone through by keys, answered, and refunded together', async ({ browser }) => {
  const words = fresh()
  const standin = await chatRoom(browser)
  for (const n of [1, 2, 3, 4]) await say(standin, 'valve_vera', `!get name-it ${words} ${n}`)
  const desk = await signedIn(browser, `${DESK}/store/orders`, 'wanda_bench')
  await desk.getByLabel('Search by buyer, text or reward').fill(words)
  const rows = desk.getByRole('main').getByRole('row').filter({ hasText: words })
  await expect(rows).toHaveCount(4)
  await expectAccessible(desk)
  await rows.first().focus()
  await desk.keyboard.press('o')
  await desk.getByLabel('Message to the buyer').fill('a fine name')
  await desk.getByRole('main').getByRole('button', { name: 'Done', exact: false }).nth(1).click()
  await expect(standin.getByRole('log').getByText('valve_vera: a fine name')).toBeVisible()
  await expect(rows).toHaveCount(3)
  await rows.first().focus()
  // A key that is held finishes one order and no more: two are left to be given back below.
  for (let i = 0; i < 4; i++) await desk.keyboard.down('d')
  await desk.keyboard.up('d')
  await expect(rows).toHaveCount(2)
  await rows.first().focus()
  await desk.keyboard.press('x')
  await desk.keyboard.press('j')
  await desk.keyboard.press('x')
  await desk.getByRole('button', { name: 'Refund all' }).click()
  await expectAccessible(desk)
  await desk.getByRole('main').getByRole('button', { name: 'Refund', exact: true }).first().click()
  await expect(desk.getByText('2 orders are refunded.')).toBeVisible()
  await desk.getByRole('button', { name: /^Refunded/ }).click()
  await expect(rows).toHaveCount(2)
  await expectAccessible(desk)
  await desk.getByLabel('Search by buyer, text or reward').fill(`${words} and nobody`)
  await expect(desk.getByText('No order matches.')).toBeVisible()
  await desk.getByRole('button', { name: 'Show all' }).click()
  await expect(rows.first()).toBeVisible()
})

test('rewards are moved by keyboard, and a group is switched off in one go', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/store`, 'wanda_bench')
  const names = desk
    .getByRole('main')
    .getByRole('row')
    .getByRole('button', { name: /^(Factory whistle|Sparks on screen)$/ })
  await expect(names.first()).toHaveText('Factory whistle')
  await desk.getByRole('button', { name: 'Move Factory whistle' }).focus()
  await desk.keyboard.press('Space')
  // What a screen reader is told: first that it lies over itself, then over what comes next.
  const told = desk.getByText(/^Draggable item .* was moved over droppable area/)
  await expect(told).toHaveCount(1)
  const overItself = await told.innerText()
  await desk.keyboard.press('ArrowDown')
  await expect(told).not.toHaveText(overItself)
  const saved = desk.waitForResponse((response) => response.url().endsWith('/arrange'))
  await desk.keyboard.press('Space')
  await expect(names.first()).toHaveText('Sparks on screen')
  await saved
  await desk.reload()
  await expect(names.first()).toHaveText('Sparks on screen')
  const group = desk.getByRole('rowgroup').filter({ hasText: 'On the stream' })
  await group.getByRole('button', { name: 'Switch the group off' }).click()
  await expect(group.getByText('It is switched off.').first()).toBeVisible()
  await group.getByRole('button', { name: 'Switch the group on' }).click()
  await expect(group.getByText('It is switched off.')).toHaveCount(0)
})

test('a secret word opens what is hidden, and what is asked for is a list', async ({ browser }) => {
  const phone = await signedIn(browser, VIEWER, newcomer(), PHONE)
  await expect(phone.getByText('A look into the attic')).toHaveCount(0)
  await phone.getByLabel('I know a secret word').fill('cellar')
  await phone.getByRole('button', { name: 'Say it' }).click()
  await expect(phone.getByText('"cellar" opens nothing here.')).toBeVisible()
  await phone.getByLabel('I know a secret word').fill('cobweb')
  await phone.getByRole('button', { name: 'Say it' }).click()
  await expect(phone.getByText('Open for you now: A look into the attic.')).toBeVisible()
  await expect(phone.getByRole('button', { name: /^A look into the attic for/ })).toBeVisible()
  await phone.getByRole('button', { name: /^Which tool first/ }).click()
  await expect(phone.getByRole('dialog').getByLabel('Which tool first?')).toContainText('Tweezers')
  await expectAccessible(phone)
})

test('an automatic reward runs its steps, and is seen on the overlay', async ({ browser }) => {
  const word = fresh()
  const overlay = await openWindow(browser)
  await overlay.goto(OVERLAY)
  const desk = await signedIn(browser, `${DESK}/store`, 'wanda_bench')
  await desk.getByRole('button', { name: 'Add a reward' }).click()
  await desk.getByLabel('Name', { exact: true }).fill(`Cheer ${word}`)
  await desk.getByLabel('Chat word, as in !get hat').fill(word)
  await desk.getByText('alone buys it, too').click()
  await desk.getByText('Happens automatically').click()
  await tab(desk, 'Steps')
  await desk.getByLabel('Add a step').selectOption({ label: 'Show on screen' })
  await desk.getByLabel('Title', { exact: true }).fill(`Hooray ${word} {{ order.text }}`)
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  const standin = await chatRoom(browser)
  await say(standin, 'valve_vera', `!${word} for the lamp`)
  await expect(overlay.getByText(`Hooray ${word} for the lamp`)).toBeVisible({ timeout: 30_000 })
})

test('a reward for the platform’s own points is made at the desk, on offer there, paused and removed', async ({
  browser,
}) => {
  const name = `Oil ${fresh()}`
  const desk = await signedIn(browser, `${DESK}/store/platform`, 'wanda_bench')
  await expect(desk.getByRole('row', { name: /Stamp the card/ })).toContainText('made on the platform')
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Add a reward there' }).click()
  await desk.getByLabel('Name', { exact: true }).fill(name)
  await desk.getByRole('textbox', { name: 'Price' }).fill('150')
  await desk.getByLabel('Icon').setInputFiles('docs/screenshots/desk-store.png')
  await expect(desk.getByText('It is scaled to the sizes the platform shows.')).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Add it there' }).click()
  const row = desk.getByRole('row', { name: new RegExp(name) })
  await expect(row).toContainText('nothing yet')
  const offered = async () => {
    const told = await desk.request.get(`${STANDIN}/api/points?as=pia_ohm`)
    return ((await told.json()) as { rewards: { name: string; icon?: string }[] }).rewards.find(
      (one) => one.name === name,
    )
  }
  expect(await offered()).toMatchObject({ price: 150, icon: expect.any(String) })
  await desk.getByRole('button', { name: `Pause ${name}` }).click()
  await expect(row).toContainText('paused')
  expect(await offered()).toBeUndefined()
  await desk.getByRole('button', { name: `Change ${name}` }).click()
  await desk.getByRole('button', { name: 'Remove', exact: true }).click()
  await desk.getByRole('button', { name: `Remove ${name}?` }).click()
  await expect(row).toHaveCount(0)
})
