import { randomUUID } from 'node:crypto'
import { describe, expect, test } from 'vitest'
import { PLAIN_REWARD, type RewardSettings, UNLIMITED } from '#core/store'
import { expectClean } from '../../../testing/server/peers/csvclean.ts'
import { testServer } from '../../../testing/server/server.ts'

type Answer = Record<string, unknown> & { readonly code?: string; readonly detail?: string }

/** The store over HTTP: at the desk as wanda, on the page as somebody. */
async function openStore() {
  const server = await testServer()
  const { web, signedIn, submit, pool, channel } = server
  const desk = await signedIn('desk', 'wanda')
  const call = async (cookie: string, method: string, path: string, body?: unknown): Promise<Answer> => {
    const headers = { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/json' }
    const init = { method, headers, ...(body !== undefined && { body: JSON.stringify(body) }) }
    const response = await fetch(`${web}/api/channels/bench${path}`, init)
    return (await response.json()) as Answer
  }
  const make = async (settings: Partial<RewardSettings>): Promise<number> => {
    const body = { ...PLAIN_REWARD, name: 'Lamp', word: 'lamp', price: 10, ...settings }
    const answer = await call(desk, 'POST', '/desk/rewards', body)
    if (answer.reward === undefined) throw new Error(answer.detail)
    return Number(answer.reward)
  }
  const as = async (name: string) => {
    const cookie = await signedIn('viewer', name)
    return (method: string, path: string, body?: unknown) => call(cookie, method, path, body)
  }
  const atDesk = (method: string, path: string, body?: unknown) => call(desk, method, path, body)
  return { ...server, desk, atDesk, make, as, submit, pool, channel }
}

const NONE = UNLIMITED

test('of many who want the last ones at once, over two servers’ worth of requests, exactly as many get one as there are', async () => {
  const { make, as, richViewer, pool } = await openStore()
  await make({ stock: { ...NONE, all: 7 } })
  const names = Array.from({ length: 40 }, (_, i) => `viewer${i}`)
  for (const name of names) await richViewer(name, 10)
  const answers = await Promise.all(
    names.map(async (name) => (await as(name))('POST', '/orders', { word: 'lamp', text: '' })),
  )
  expect(answers.filter(({ order }) => order !== undefined)).toHaveLength(7)
  expect(answers.filter(({ code }) => code === 'reward_sold_out')).toHaveLength(33)
  const kept = await pool.query("select count(*)::int as kept from account where kind = 'wallet' and balance = 10")
  expect(kept.rows[0]).toEqual({ kept: 33 })
  const sold = await pool.query("select total from sold where strpos(key, '/') = 0")
  expect(sold.rows).toEqual([{ total: 7 }])
})

test('codes go out once each, however many buy at the same moment', async () => {
  const { make, as, richViewer, atDesk, pool } = await openStore()
  const reward = await make({ word: 'guide', name: 'Guide', kind: 'code' })
  const codes = Array.from({ length: 90 }, (_, i) => `CODE-${i}`)
  expect(await atDesk('POST', `/desk/rewards/${reward}/codes`, { codes: [...codes, 'CODE-3'] })).toMatchObject({
    added: 90,
    known: 1,
  })
  const names = Array.from({ length: 100 }, (_, i) => `viewer${i}`)
  for (const name of names) await richViewer(name, 10)
  const answers = await Promise.all(
    names.map(async (name) => (await as(name))('POST', '/orders', { word: 'guide', text: '' })),
  )
  const given = answers.flatMap(({ code, order }) => (order === undefined ? [] : [code]))
  expect(new Set(given).size).toBe(90)
  expect(answers.filter(({ code }) => code === 'reward_sold_out')).toHaveLength(10)
  const buyer = names[answers.findIndex(({ order }) => order !== undefined)] ?? ''
  const me = (await (await as(buyer))('GET', '/me')) as { orders?: { code: string }[] }
  expect(me.orders?.[0]?.code).toMatch(/^CODE-\d+$/)
  expect((await pool.query('select count(*)::int as n from code where order_id is not null')).rows).toEqual([{ n: 90 }])
})

describe('the page', () => {
  test('shows what is for sale to whom, with why not and how many are left', async () => {
    const { make, as, richViewer, web } = await openStore()
    await make({ stock: { ...NONE, all: 2 }, description: 'Shines.' })
    await make({ word: 'vip', name: 'Vip', hours: 3 })
    await make({ word: 'attic', name: 'Attic', secret: 'cobweb' })
    await make({ word: 'off', name: 'Off', on: false })
    await richViewer('pia', 100)
    const pia = await as('pia')
    type Shown = {
      rewards: { name: string; left: number | null; why: { sentence: string } | null; limits: string[] }[]
    }
    const anyone = (await (await fetch(`${web}/api/channels/bench/store`)).json()) as Shown
    expect(anyone.rewards.map(({ name }) => name)).toEqual(['Factory whistle', 'Name the mended thing', 'Lamp', 'Vip'])
    await pia('POST', '/orders', { word: 'lamp', text: '' })
    const shown = (await pia('GET', '/store')) as unknown as Shown
    expect(shown.rewards.find(({ name }) => name === 'Lamp')).toMatchObject({
      left: 1,
      why: null,
      limits: ['There are 2 in all.'],
    })
    expect(shown.rewards.find(({ name }) => name === 'Vip')?.why?.sentence).toContain('3 hours watched')
    await pia('POST', '/unlock', { word: 'Cobweb' })
    const after = (await pia('GET', '/store')) as unknown as Shown
    expect(after.rewards.map(({ name }) => name)).toContain('Attic')
  })

  test('says until when a reward rests, and when to look again', async () => {
    const { make, as, richViewer } = await openStore()
    await make({ rest: { everyoneSeconds: 60, eachSeconds: 0 } })
    await richViewer('pia', 100)
    const pia = await as('pia')
    await pia('POST', '/orders', { word: 'lamp', text: '' })
    const shown = (await pia('GET', '/store')) as unknown as {
      at: number
      changesAt: number
      rewards: { word: string; why: { code: string; until: number } | null }[]
    }
    const lamp = shown.rewards.find(({ word }) => word === 'lamp')
    expect(lamp?.why).toMatchObject({ code: 'rests', until: shown.changesAt })
    expect(shown.changesAt - shown.at).toBeGreaterThan(0)
    expect(shown.changesAt - shown.at).toBeLessThanOrEqual(60)
  })

  test('tells each buyer their own place, and of the orders only the posted one has an address', async () => {
    const { make, as, richViewer, atDesk } = await openStore()
    await make({ post: { days: 3 } })
    for (const name of ['pia', 'jo', 'mo']) await richViewer(name, 1000)
    const address = 'Pia Ohm\nLampengasse 1'
    const first = await (await as('pia'))('POST', '/orders', { word: 'lamp', text: '', address })
    for (const name of ['jo', 'mo']) await (await as(name))('POST', '/orders', { word: 'name-it', text: 'Tick' })
    type Own = { orders: { place: number | null; posted: boolean }[] }
    const own = async (name: string) => ((await (await as(name))('GET', '/me')) as unknown as Own).orders
    expect(await own('pia')).toMatchObject([{ place: 1, posted: true }])
    expect(await own('jo')).toMatchObject([{ place: 2, posted: false }])
    const bench = (await atDesk('GET', '/desk/orders')) as unknown as Own
    expect(bench.orders.map(({ posted }) => posted)).toEqual([true, false, false])
    await atDesk('POST', `/desk/orders/${first.order}/done`, {})
    expect(await own('pia')).toMatchObject([{ place: null }])
    expect(await own('mo')).toMatchObject([{ place: 2 }])
  })

  test('never tells an address to anybody but the desk, and forgets it with its person', async () => {
    const { make, as, richViewer, atDesk, submit, pool, channel } = await openStore()
    await make({ post: { days: 3 } })
    await richViewer('pia', 100)
    const pia = await as('pia')
    const bought = await pia('POST', '/orders', { word: 'lamp', text: '', address: 'Pia Ohm\nLampengasse 1' })
    expect(await atDesk('GET', `/desk/orders/${bought.order}/address`)).toEqual({ address: 'Pia Ohm\nLampengasse 1' })
    expect(await pia('GET', `/desk/orders/${bought.order}/address`)).toMatchObject({ code: 'not_signed_in' })
    const told = await pool.query("select count(*)::int as n from fact_batch where facts like '%Lampengasse%'")
    expect(told.rows).toEqual([{ n: 0 }])
    expect(
      (await pool.query("select count(*)::int as n from seen_intent where answer::text like '%Lampengasse%'")).rows,
    ).toEqual([{ n: 0 }])
    await submit('gone', { kind: 'presence.left', account: 'pia' })
    const { rows } = await pool.query('select id from viewer where account = $1 and channel = $2', ['pia', channel])
    const forgotten = await submit('forget', {
      kind: 'people.forget',
      viewer: rows[0].id,
      account: 'pia',
      by: 'wanda',
      confirm: 'pia',
    } as never)
    expect(forgotten).toMatchObject({ ok: true })
    expect((await pool.query('select * from order_address')).rows).toEqual([])
  })
})

describe('the desk', () => {
  test('searches, filters and pages orders, and takes them out as a file', async () => {
    const { as, richViewer, atDesk, web, desk } = await openStore()
    for (const name of ['pia', 'jo']) {
      await richViewer(name, 1000)
      const buy = await as(name)
      for (let i = 0; i < 3; i++) await buy('POST', '/orders', { word: 'name-it', text: `${name} ${i} =1+1` })
      await buy('POST', '/orders', { word: 'whistle', text: '' })
    }
    type Page = { orders: { id: number; text: string | null; viewerName: string }[]; counts: object }
    const page = async (asked: string) => (await atDesk('GET', `/desk/orders/history?${asked}`)) as unknown as Page
    const open = await page('shown=open&order=oldest')
    expect(open.orders.map(({ text }) => text)).toEqual([
      'pia 0 =1+1',
      'pia 1 =1+1',
      'pia 2 =1+1',
      'jo 0 =1+1',
      'jo 1 =1+1',
      'jo 2 =1+1',
    ])
    expect(open.counts).toEqual({ open: 6, running: 0, done: 2, refunded: 0 })
    expect((await page('shown=all&text=JO%201')).orders).toHaveLength(1)
    expect((await page('shown=all&text=%25')).orders).toHaveLength(0)
    const many = await atDesk('POST', '/desk/orders/many', {
      orders: open.orders.map(({ id }) => id),
      does: 'give-back',
    })
    expect(many).toEqual({ done: 6, refused: [] })
    const again = await atDesk('POST', '/desk/orders/many', { orders: [open.orders[0]?.id], does: 'done' })
    expect(again).toMatchObject({ done: 0, refused: ['This order was already refunded.'] })
    const file = await fetch(`${web}/api/channels/bench/desk/orders.csv?shown=all`, { headers: { cookie: desk } })
    const text = await file.text()
    expectClean(text)
    const lines = text.trim().split('\r\n')
    expect(lines).toHaveLength(9)
    expect(lines[0]).toBe('order,placed,reward,viewer,price,text,status,ended,by')
  })

  test('sees prices in watching, sales, holdings and what keeps a reward from working', async () => {
    const { make, richViewer, atDesk } = await openStore()
    await richViewer('pia', 100)
    await make({ kind: 'code', word: 'guide', name: 'Guide' })
    type View = {
      rewards: { settings: RewardSettings; ready: { sentence: string }; hints: string[]; left: number }[]
      holdings: object
    }
    const view = (await atDesk('GET', '/desk/store')) as unknown as View
    expect(view.rewards.map(({ settings }) => settings.name)).toEqual([
      'Factory whistle',
      'Name the mended thing',
      'Guide',
    ])
    expect(view.rewards[2]).toMatchObject({ left: 0, ready: { sentence: 'Sold out: its list has no code left.' } })
    expect(view.holdings).toMatchObject({ people: 1 })
  })

  test('tries a reward on a copy: nothing is written', async () => {
    const { atDesk, pool } = await openStore()
    const settings = {
      ...PLAIN_REWARD,
      name: 'New',
      word: 'new',
      price: 20,
      kind: 'itself',
      steps: [{ do: 'say', text: 'For {{ order.cost }}' }],
    }
    const what = { kind: 'reward', id: null, settings, typed: '' }
    const tried = await atDesk('POST', '/desk/try', { what, as: { madeUp: 'follower' } })
    expect(tried).toMatchObject({
      outcome: 'done',
      lines: expect.arrayContaining([expect.objectContaining({ text: 'For 20 rivets' })]),
    })
    expect((await pool.query("select * from reward where word = 'new'")).rows).toEqual([])
    const poor = await atDesk('POST', '/desk/try', {
      what: { ...what, settings: { ...settings, price: 900 } },
      as: { madeUp: 'newcomer' },
    })
    expect(poor).toMatchObject({ refusal: { code: 'balance_too_small' } })
  })
})

test('two accounts made one count together towards the limits of a reward', async () => {
  const { make, as, richViewer, submit, pool } = await openStore()
  const reward = await make({ each: { ...NONE, all: 2 } })
  for (const name of ['pia', 'pia_too']) {
    await richViewer(name, 100)
    await (await as(name))('POST', '/orders', { word: 'lamp', text: '' })
    await submit(`gone-${name}`, { kind: 'presence.left', account: name })
  }
  const ids = (await pool.query("select id, account from viewer where account like 'pia%' order by account")).rows
  const merged = await submit('merge', { kind: 'people.merge', from: ids[1].id, into: ids[0].id, by: 'wanda' } as never)
  expect(merged).toMatchObject({ ok: true })
  expect((await pool.query('select total from sold where key = $1', [`${reward}/${ids[0].id}`])).rows).toEqual([
    { total: 2 },
  ])
  expect(await (await as('pia'))('POST', '/orders', { word: 'lamp', text: '' })).toMatchObject({
    code: 'reward_limit_own',
  })
})
