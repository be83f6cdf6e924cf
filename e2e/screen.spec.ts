import { Buffer } from 'node:buffer'
import { expect } from '@playwright/test'
import sharp from 'sharp'
import { chatRoom, DESK, expectAccessible, newcomer, openWindow, say, signedIn, test } from './stage.ts'

const picture = () =>
  sharp({ create: { width: 640, height: 360, channels: 3, background: { r: 208, g: 99, b: 74 } } })
    .png()
    .toBuffer()

test('a picture is put into the library, made an alert of, and seen on an overlay that was arranged for it', async ({
  browser,
}) => {
  const name = newcomer()
  const desk = await signedIn(browser, `${DESK}/screen/library`, 'wanda_bench')
  await desk.getByRole('button', { name: 'Add a file' }).click()
  const dialog = desk.getByRole('dialog')
  await dialog
    .getByLabel(/^Choose a file/)
    .setInputFiles({ name: 'virus.png', mimeType: 'image/png', buffer: Buffer.from('<svg xmlns="x"><script/></svg>') })
  await dialog.getByRole('button', { name: 'Add to the library' }).click()
  await expect(dialog.getByText('SVG pictures can carry programs, so none is taken.')).toBeVisible()
  await dialog
    .getByLabel(/^Choose a file/)
    .setInputFiles({ name: `${name}.png`, mimeType: 'image/png', buffer: await picture() })
  await expect(dialog.getByLabel('Name in the library')).toHaveValue(name)
  await expectAccessible(desk)
  await dialog.getByRole('button', { name: 'Add to the library' }).click()
  const file = desk.getByRole('listitem').filter({ has: desk.getByLabel(`Name of ${name}`) })
  await expect(file.getByText('Not used')).toBeVisible()
  await expect(file.getByText('WEBP · 640 × 360')).toBeVisible()
  await expectAccessible(desk)

  await desk.getByRole('link', { name: 'Overlays', exact: true }).click()
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  const row = desk.getByRole('listitem').filter({ hasText: name })
  const address = (await row.getByRole('link', { name: 'Open it' }).getAttribute('href')) ?? ''
  const overlay = await openWindow(browser, { width: 1280, height: 720 })
  await overlay.goto(address)

  await desk.getByRole('link', { name: 'Alerts', exact: true }).click()
  await desk.getByRole('button', { name: 'Add an alert' }).click()
  await desk.getByLabel('Name, for the list').fill(`Alert ${name}`)
  await desk.getByLabel('Title', { exact: true }).fill(`Seen by ${name}`)
  await desk.getByRole('button', { name, exact: true }).click()
  await expectAccessible(desk)
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  await desk.getByRole('button', { name: 'Play it now' }).click()
  // What the crowd has ordered meanwhile plays before it.
  await expect(overlay.getByText(`Seen by ${name}`)).toBeVisible({ timeout: 60_000 })
  await expect(overlay.locator('.alert img')).toHaveJSProperty('naturalWidth', 640)
  await desk.keyboard.press('Escape')
  await expectAccessible(desk)
  await desk.getByRole('link', { name: 'Library', exact: true }).click()
  await expect(file.getByText(`Used by the alert “Alert ${name}”`)).toBeVisible()
})

test('an overlay is arranged by keys and figures, saved, and its page follows; leaving it loses nothing', async ({
  browser,
}) => {
  const name = newcomer()
  const desk = await signedIn(browser, `${DESK}/screen`, 'wanda_bench')
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  const row = desk.getByRole('listitem').filter({ hasText: name })
  const overlay = await openWindow(browser, { width: 1920, height: 1080 })
  await overlay.goto((await row.getByRole('link', { name: 'Open it' }).getAttribute('href')) ?? '')
  await row.getByRole('link', { name: 'Arrange' }).click()
  await desk.getByRole('button', { name: 'Text', exact: true }).click()
  await desk.getByRole('textbox', { name: 'Text', exact: true }).fill('{{ show.titel }}')
  await expect(desk.getByText('There is no field "show.titel" here.')).toBeVisible()
  await desk.getByRole('textbox', { name: 'Text', exact: true }).fill(`On the bench: ${name}`)
  await desk.getByLabel('From the left').fill('300')
  await desk.getByLabel('From the top').fill('200')
  await desk.getByRole('button', { name: /^Text, at 300 and 200/ }).focus()
  await desk.keyboard.press('Shift+ArrowRight')
  await desk.keyboard.press('Alt+ArrowDown')
  await expect(desk.getByRole('button', { name: /^Text, at 310 and 200, 620 wide, 91 high/ })).toBeVisible()
  await desk.keyboard.press('Control+z')
  await expect(desk.getByRole('button', { name: /^Text, at 310 and 200, 620 wide, 90 high/ })).toBeVisible()
  await expectAccessible(desk)
  await desk.getByRole('link', { name: 'Overlays', exact: true }).click()
  await expect(desk.getByRole('link', { name: /^Screen.*unsaved changes$/ })).toBeVisible()
  await desk.goBack()
  await expect(desk.getByText('Unsaved changes.')).toBeVisible()
  await desk.getByRole('button', { name: 'Save now' }).click()
  await expect(desk.getByText('Saved.')).toBeVisible()
  const piece = overlay.locator('.piece.text')
  await expect(piece).toHaveText(`On the bench: ${name}`)
  expect(await piece.boundingBox()).toMatchObject({ x: 310, y: 200, width: 620, height: 90 })
  await desk.getByRole('button', { name: /^Text, at 310 and 200/ }).click()
  await desk.getByRole('button', { name: 'Lock Text' }).click()
  await expect(desk.getByRole('button', { name: 'Remove from the overlay' })).toBeDisabled()
})

test('a piece is dragged and sticks to the edge of the canvas', async ({ browser }) => {
  const name = newcomer()
  const desk = await signedIn(browser, `${DESK}/screen`, 'wanda_bench')
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  await desk.getByRole('listitem').filter({ hasText: name }).getByRole('link', { name: 'Arrange' }).click()
  await desk.getByRole('button', { name: 'Counter', exact: true }).click()
  const piece = desk.getByRole('button', { name: /^Counter, at/ })
  await expect(piece).toHaveAccessibleName(/^Counter, at 60 and 60, 320 wide/)
  const box = await piece.boundingBox()
  if (box === null) throw new Error('The piece is not there.')
  const scale = box.width / 320
  await desk.mouse.move(box.x + 20, box.y + 15)
  await desk.mouse.down()
  await desk.mouse.move(box.x + 10, box.y + 5, { steps: 4 })
  await desk.mouse.move(box.x + 20 - 56 * scale, box.y + 15, { steps: 6 })
  await desk.mouse.up()
  await expect(desk.getByRole('button', { name: /^Counter, at 0 and/ })).toBeVisible()
})

test('alerts wait while they are paused, play one after the other, and can be skipped', async ({ browser }) => {
  const [desk, overlay] = [await signedIn(browser, `${DESK}/screen`, 'wanda_bench'), await openWindow(browser)]
  const name = newcomer()
  await desk.getByLabel('New overlay').fill(name)
  await desk.getByRole('button', { name: 'Add the overlay' }).click()
  const row = desk.getByRole('listitem').filter({ hasText: name })
  await overlay.goto((await row.getByRole('link', { name: 'Open it' }).getAttribute('href')) ?? '')
  await expect(row.getByText('open in a streaming program')).toBeVisible()
  await desk.getByRole('button', { name: 'Clear all' }).click()
  await desk.getByRole('button', { name: 'Pause alerts' }).click()
  await expect(desk.getByText('Alerts are paused: they wait.')).toBeVisible()
  const standin = await chatRoom(browser)
  await say(standin, 'valve_vera', `!get name-it ${name}`)
  await expect(standin.getByRole('log').getByText('valve_vera bought Name the mended thing').last()).toBeVisible()
  await desk.getByRole('button', { name: 'Play a test alert' }).click()
  await expect(overlay.locator('.alert')).toHaveCount(0)
  await desk.getByRole('button', { name: 'Resume alerts' }).click()
  await expect(overlay.getByText(`It is called ${name}`)).toBeVisible()
  for (let i = 0; i < 12 && (await overlay.getByText('This is a test').count()) === 0; i++) {
    await desk.getByRole('button', { name: 'Skip the alert' }).click()
    await overlay.waitForTimeout(700)
  }
  await expect(overlay.getByText('This is a test')).toBeVisible()
  await desk.getByRole('button', { name: 'Clear all' }).click()
  await expect(overlay.locator('.alert')).toHaveCount(0)
  await expectAccessible(desk)
})
