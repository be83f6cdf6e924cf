import { expect } from '@playwright/test'
import { chatRoom, DESK, newcomer, PHONE, say, signedIn, test, VIEWER } from './stage.ts'

test('somebody is found by a look-alike, given currency for a reason, and it can be taken back', async ({
  browser,
}) => {
  const guest = newcomer()
  const standin = await chatRoom(browser)
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
  await expect(desk.getByRole('row', { name: new RegExp(`${guest}.*1,2\\d\\d`) })).toBeVisible()
  await expect(phone.getByText(/^1,2\d\d$/).first()).toBeVisible()
  await desk.getByRole('button', { name: 'Undo' }).click()
  await expect(desk.getByText('Undone: everything is as it was.')).toBeVisible()
  await expect(desk.getByRole('region', { name: 'Adjustments you can undo' }).getByText(`Gave ${guest}`)).toBeHidden()
  await desk.getByRole('button', { name: guest, exact: true }).click()
  const panel = desk.getByRole('dialog')
  await panel.getByRole('button', { name: 'History' }).click()
  await expect(panel.getByText('Given by wanda_bench: mended the lamp')).toBeVisible()
  await expect(panel.getByText('Undone by wanda_bench: mended the lamp')).toBeVisible()
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

test('a person is renamed, noted, filtered for, and found by their rank', async ({ browser }) => {
  const guest = newcomer()
  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  await desk.getByRole('searchbox').fill(guest)
  await desk.getByRole('button', { name: guest, exact: true }).click()
  const panel = desk.getByRole('dialog')
  await panel.getByLabel('A new note').fill('brings radios')
  await panel.getByRole('button', { name: 'Add note' }).click()
  await expect(panel.getByText('brings radios')).toBeVisible()
  await panel.getByRole('button', { name: 'Edit', exact: true }).click()
  await panel.getByLabel(/^Nickname/).fill(`Uncle ${guest}`)
  await panel.getByRole('button', { name: 'Rename' }).click()
  await expect(panel.getByRole('heading', { name: `Uncle ${guest}` })).toBeVisible()
  await panel.getByRole('checkbox', { name: 'Follower' }).click()
  await expect(desk.getByText('A follower.')).toBeVisible()
  await desk.keyboard.press('Escape')
  await desk.getByRole('searchbox').fill('uncle')
  await expect(desk.getByRole('button', { name: `Uncle ${guest} (${guest})` })).toBeVisible()
  await desk.getByRole('button', { name: 'Filters' }).click()
  await desk.getByRole('combobox', { name: 'Role' }).selectOption('moderator')
  await expect(desk.getByText('Nobody matches.')).toBeVisible()
  await desk.getByRole('button', { name: 'Clear filters' }).click()
  await desk.getByRole('searchbox').fill('journeyman')
  await expect(desk.getByRole('row', { name: /Journeyman/ }).first()).toBeVisible()
})

test('people are taken in from a file with its broken lines named, once, and go out as one', async ({ browser }) => {
  const [a, b] = [`file_a_${Date.now().toString(36)}`, `file_b_${Date.now().toString(36)}`]
  const text = `Viewer;Watch time;Points\n${a};2;150\n${b};1:30;75\nbroken name;1;1\n${a};1;1\n`
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  const takeIn = async () => {
    await desk.getByRole('button', { name: 'More …' }).click()
    await desk.getByRole('menuitem', { name: /Take people in/ }).click()
    const file = { name: 'people.csv', mimeType: 'text/csv', buffer: Buffer.from(text) }
    await desk.getByRole('dialog').locator('input[type=file]').setInputFiles(file)
    await expect(desk.getByText('2 lines are in order, 2 cannot be imported and will be skipped:')).toBeVisible()
    await expect(desk.getByText(`${a} stands in line 2 already.`)).toBeVisible()
    await desk.getByRole('button', { name: 'Import 2 people' }).click()
  }
  await takeIn()
  await expect(desk.getByText('2 people have the file’s figures, 2 of them new.')).toBeVisible()
  await takeIn()
  await expect(desk.getByText('2 had been imported before and were left unchanged.')).toBeVisible()
  await desk.getByRole('searchbox').fill(b)
  await expect(desk.getByRole('row', { name: new RegExp(`${b}.*75.*1 h 30 min`) })).toBeVisible()
  const saving = desk.waitForEvent('download')
  await desk.getByRole('button', { name: 'Save as CSV' }).click()
  const stream = await (await saving).createReadStream()
  const saved = (await stream.toArray()).join('')
  expect(saved).toMatch(/^name,account,nickname,balance,earned,hours/)
  expect(saved).toContain(`${b},${b},,75,0,1.50`)
  expect(saved.trim().split('\n')).toHaveLength(2)
})

test('two accounts are made one, and a person is forgotten for good', async ({ browser }) => {
  const [first, second] = [newcomer(), `second_${Date.now().toString(36)}`]
  const standin = await chatRoom(browser)
  await say(standin, first, 'hello')
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  await desk.getByRole('button', { name: 'More …' }).click()
  await desk.getByRole('menuitem', { name: 'Add somebody …' }).click()
  await desk.getByLabel('The name of their account on the platform').fill(second)
  await desk.getByRole('button', { name: 'Add', exact: true }).click()
  await desk.getByRole('searchbox').fill(second)
  await desk.getByRole('button', { name: second, exact: true }).click()
  const panel = desk.getByRole('dialog')
  await panel.getByRole('button', { name: 'Edit', exact: true }).click()
  await panel.getByRole('combobox', { name: 'The person who stays' }).fill(first)
  await desk.getByRole('option', { name: first }).click()
  await panel.getByRole('button', { name: `Merge into ${first}` }).click()
  await expect(desk.getByText(`${second} and ${first} are one.`)).toBeVisible()
  await expect(desk.getByText('Nobody matches.').or(desk.getByText(/^No name contains/))).toBeVisible()

  const third = `third_${Date.now().toString(36)}`
  await desk.getByRole('button', { name: 'More …' }).click()
  await desk.getByRole('menuitem', { name: 'Add somebody …' }).click()
  await desk.getByLabel('The name of their account on the platform').fill(third)
  await desk.getByRole('button', { name: 'Add', exact: true }).click()
  await desk.getByRole('searchbox').fill(third)
  await desk.getByRole('button', { name: third, exact: true }).click()
  await panel.getByRole('button', { name: 'Edit', exact: true }).click()
  await expect(panel.getByRole('button', { name: 'Forget' })).toBeDisabled()
  await panel.getByLabel('The name, to confirm').fill(third)
  await panel.getByRole('button', { name: 'Forget' }).click()
  await expect(desk.getByText('Forgotten.')).toBeVisible()
  await expect(desk.getByText('Nobody matches.').or(desk.getByText(/^No name contains/))).toBeVisible()
})

test('what is refused leaves the form open with what was typed, and so does what happens to the person meanwhile', async ({
  browser,
}) => {
  const guest = newcomer()
  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  await desk.getByRole('searchbox').fill(guest)
  await desk.getByRole('button', { name: guest, exact: true }).click()
  const panel = desk.getByRole('dialog')
  await panel.getByRole('button', { name: 'Edit', exact: true }).click()
  await panel.getByLabel(/^Nickname/).fill('Half a na')
  await panel.getByLabel('The name, to confirm').fill(guest)
  await say(standin, 'rosa_dial', `!give @${guest} 700 for the lamp`)
  await expect(standin.getByText(new RegExp(`${guest} has 7\\d\\d rivets now`))).toBeVisible()
  await expect(panel.getByText(/^7\d\d rivets$/)).toBeVisible()
  await expect(panel.getByLabel(/^Nickname/)).toHaveValue('Half a na')
  await desk.route('**/forget', (route) =>
    route.fulfill({
      status: 409,
      contentType: 'application/problem+json',
      body: JSON.stringify({ code: 'not_now', title: 'Not now', detail: 'They have a stake in a round that is on.' }),
    }),
  )
  await panel.getByRole('button', { name: 'Forget' }).click()
  await expect(panel.getByText('They have a stake in a round that is on.')).toBeVisible()
  await expect(panel.getByLabel('The name, to confirm')).toHaveValue(guest)
  await expect(panel.getByLabel(/^Nickname/)).toHaveValue('Half a na')
})
