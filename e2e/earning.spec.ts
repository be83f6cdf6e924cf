import { expect, type Page } from '@playwright/test'
import { chatRoom, DESK, newcomer, PHONE, say, signedIn, test, VIEWER } from './stage.ts'

/** Applies the draft and waits until it is live. */
async function apply(desk: Page): Promise<void> {
  await desk.getByRole('button', { name: 'Apply now' }).click()
  await expect(desk.getByText('Not live yet')).toBeHidden()
}

async function tips(standin: Page, name: string, cents: string): Promise<void> {
  await standin.getByLabel('Speak as').fill(name)
  await standin.getByLabel('What happens').selectOption('tip')
  await standin.getByRole('spinbutton').fill(cents)
  await standin.getByRole('button', { name: 'Send it' }).click()
}

test('support is paid as the plan says, once applied, and the viewer sees why', async ({ browser }) => {
  const guest = newcomer()
  const desk = await signedIn(browser, `${DESK}/earning`, 'wanda_bench')
  const support = desk.getByRole('region', { name: 'Support' })
  const tip = support.getByLabel('A tip, per whole unit of money')
  await tip.fill('1.5')
  await expect(support.getByText('Type a whole number from 0')).toBeVisible()
  await tip.fill('45')
  await expect(support.getByText('7.50: 337 rivets')).toBeVisible()
  await apply(desk)

  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  await tips(standin, guest, '750')
  await expect(standin.getByText('202: Paid 337 rivets.')).toBeVisible()

  const phone = await signedIn(browser, `${VIEWER}/mine`, guest, PHONE)
  await expect(phone.getByRole('row', { name: /Tipped €7\.50.*\+337/ })).toBeVisible()
  await expect(phone.getByText('Tip: 45 rivets for each whole unit of money.')).toBeVisible()
})

test('a draft is kept while it is typed, told as a difference, and a plan before it can be brought back', async ({
  browser,
}) => {
  const desk = await signedIn(browser, `${DESK}/earning`, 'wanda_bench')
  const welcome = desk.getByLabel('For a first visit')
  const before = await welcome.inputValue()
  await welcome.fill('77')
  await expect(desk.getByText('1 change, saved as a draft')).toBeVisible()
  const changes = desk.getByRole('region', { name: 'What changes' })
  await expect(changes.getByText('For a first visit')).toBeVisible()
  await desk.reload()
  await expect(welcome).toHaveValue('77')
  await desk.getByRole('button', { name: 'Apply at the next show' }).click()
  await expect(desk.getByText('waits for the next show')).toBeVisible()
  await apply(desk)
  await desk.getByRole('button', { name: 'Show', exact: true }).click()
  const history = desk.getByRole('region', { name: 'Earlier plans' })
  await expect(history.getByText('is live now').first()).toBeVisible()
  await history.getByRole('button', { name: 'Restore' }).first().click()
  await expect(welcome).toHaveValue(before)
  await expect(desk.getByText('Not live yet')).toBeVisible()
  await apply(desk)
})

test('a tip under another name waits to be matched, is paid, and the name is known from then on', async ({
  browser,
}) => {
  const [guest, stranger] = [newcomer(), `other_${Date.now().toString(36)}`]
  const standin = await chatRoom(browser)
  await say(standin, guest, 'hello')
  await tips(standin, stranger, '1000')
  await expect(standin.getByText(/waits on the People page/)).toBeVisible()
  const desk = await signedIn(browser, `${DESK}/people`, 'wanda_bench')
  const waiting = desk
    .getByRole('region', { name: 'Who was this?' })
    .getByRole('listitem')
    .filter({ hasText: stranger })
  await waiting.getByRole('combobox').fill(guest)
  await desk.getByRole('option', { name: guest }).click()
  await waiting.getByRole('button', { name: 'That is them' }).click()
  await expect(desk.getByText(`${guest} got 450 rivets; the name is remembered.`)).toBeVisible()
  await tips(standin, stranger, '200')
  await expect(standin.getByText('202: Paid 90 rivets.')).toBeVisible()
})

test('the currency and the words of chat can be renamed, and two words never mean two things', async ({ browser }) => {
  const guest = newcomer()
  const desk = await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench')
  const words = desk.getByRole('region', { name: 'Built-in commands' })
  await words.getByLabel('Command: Shows a viewer’s rank and progress to the next').fill('hours')
  await expect(words.getByText('"!hours" would mean two things')).toBeVisible()
  await expect(words.getByRole('button', { name: 'Apply now' })).toBeDisabled()
  await words.getByLabel('Command: Shows a viewer’s rank and progress to the next').fill('title')
  await words.getByRole('button', { name: 'Apply now' }).click()
  await expect(words.getByText('live', { exact: true })).toBeVisible()
  const currency = desk.getByRole('region', { name: 'The currency' })
  await currency.getByLabel('Aliases').fill('purse')
  await currency
    .getByLabel('Reply when somebody asks for their balance')
    .fill('{{ viewer.name }}: {{ balance }} in the tin.')
  await expect(currency.getByText(/^Reads: \S+: 1,204 rivets in the tin\./)).toBeVisible()
  await currency.getByRole('button', { name: 'Apply now' }).click()
  await expect(currency.getByText('live', { exact: true })).toBeVisible()
  const standin = await chatRoom(browser)
  await say(standin, guest, '!purse')
  await expect(standin.getByText(new RegExp(`${guest}: [0-9,]+ rivets in the tin\\.`))).toBeVisible()
  await say(standin, guest, '!title')
  await expect(standin.getByText(new RegExp(`${guest} has no rank yet; .* more to Onlooker`))).toBeVisible()
  await currency.getByLabel('Reply when somebody asks for their balance').fill('{{ viewer.name }} has {{ balance }}.')
  await currency.getByRole('button', { name: 'Apply now' }).click()
  await expect(currency.getByText('live', { exact: true })).toBeVisible()
})
