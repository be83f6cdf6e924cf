import { createHash, randomUUID } from 'node:crypto'
import type { Browser } from '@playwright/test'
import pg from 'pg'
import { PLAIN_ALERT } from '#core/screen'
import { PLAIN_REWARD, UNLIMITED } from '#core/store'
import type { Stack } from '../demo/stack.ts'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const ORDERS = scaled(5000)
const STOCK = scaled(500)

/**
 * So many orders of one reward of which there are 500, all at once, from different viewers.
 * @returns Orders decided per second. @throws if not exactly 500 were sold.
 */
export async function burst({ send, pool, channel, viewers }: BenchChannel): Promise<number> {
  const stock = { ...UNLIMITED, all: STOCK }
  const settings = { ...PLAIN_REWARD, word: 'rare', name: 'Rare', price: 1, stock, say: false }
  await send({ kind: 'store.save', reward: null, settings })
  const began = performance.now()
  const answers = await Promise.all(
    Array.from({ length: ORDERS }, (_, i) => {
      const name = `viewer${i % viewers.length}`
      return send({ kind: 'store.buy', who: { account: name, name }, word: 'rare', text: '' })
    }),
  )
  const seconds = (performance.now() - began) / 1000
  const sold = answers.filter(({ ok }) => ok).length
  const text = "select count(*)::int as sold from store_order where channel = $1 and reward_name = 'Rare'"
  const kept = (await pool.query(text, [channel])).rows[0].sold as number
  if (sold !== STOCK || kept !== STOCK) throw new Error(`${sold} were sold and ${kept} kept where there were ${STOCK}.`)
  return ORDERS / seconds
}

const ROUNDS = scaled(40, 2)

/** As text: what runs in the page is not to be rewritten on its way there. The moment is that of the frame it is drawn in. */
const UNTIL_SEEN = `new Promise((found) => {
  const look = () => document.querySelector('.alert .title')?.textContent === 'Seen'
    ? requestAnimationFrame(() => found(Date.now()))
    : requestAnimationFrame(look)
  look()
})`

/** From the moment an order is sent to its alert being seen on an open overlay in Chromium: the 95th percentile (ms). */
export async function orderToAlert(browser: Browser, stack: Stack): Promise<number> {
  const [desk, viewer] = [
    await cookieOf(stack.database, 'desk', 'wanda_bench'),
    await cookieOf(stack.database, 'viewer', 'valve_vera'),
  ]
  const call = async (cookie: string, path: string, body: unknown) => {
    const headers = { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/json' }
    const address = `${stack.web}/api/channels/workbench${path}`
    const response = await fetch(address, { method: 'POST', headers, body: JSON.stringify(body) })
    if (!response.ok) throw new Error(await response.text())
    return (await response.json()) as Record<string, number>
  }
  const made = await call(desk, '/desk/alerts', { ...PLAIN_ALERT, name: 'Bench', title: 'Seen', line: '', seconds: 60 })
  await call(desk, '/desk/rewards', {
    ...PLAIN_REWARD,
    word: 'seen',
    name: 'Seen',
    price: 0,
    alert: made.alert ?? null,
  })
  const page = await (await browser.newContext({ viewport: { width: 1920, height: 1080 } })).newPage()
  await page.goto(stack.overlay)
  await page.waitForTimeout(1500)
  const took: number[] = []
  for (let i = 0; i < ROUNDS; i++) {
    const seen = page.evaluate<number>(UNTIL_SEEN)
    await page.waitForTimeout(50)
    const sent = Date.now()
    await call(viewer, '/orders', { word: 'seen', text: '' })
    took.push((await seen) - sent)
    await call(desk, '/desk/screen/control', { what: 'clear' })
    await page.locator('.alert').waitFor({ state: 'detached' })
  }
  await page.context().close()
  return took.sort((a, b) => a - b)[Math.floor(ROUNDS * 0.95)] ?? Number.NaN
}

/** Signs somebody in, without the sign-in's pages. @returns The cookie. */
async function cookieOf(database: string, scope: 'desk' | 'viewer', account: string): Promise<string> {
  const client = new pg.Client({ connectionString: database })
  await client.connect()
  const id = `bench-${scope}-${account}`
  const hash = createHash('sha256').update(id).digest('hex')
  const text = `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at)
    values ($1, $2, $3, $3, extract(epoch from now())::bigint, 9999999999, extract(epoch from now())::bigint)
    on conflict do nothing`
  await client.query(text, [hash, scope, account])
  await client.end()
  return `ricompensa_${scope}=${id}`
}
