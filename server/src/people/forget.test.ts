import { expect, test } from 'vitest'
import { settingsOf } from '#core/games'
import { World } from '#core/world'
import { testDesk } from '../../../testing/server/desk.ts'
import { replaced } from '../writer/forget.ts'

const NAME = 'marked_mara'

/** Everything that the tables hold, each row as text with its table. */
async function everything(pool: { query: (text: string) => Promise<{ rows: Record<string, string>[] }> }) {
  const tables = await pool.query(
    "select table_schema || '.' || quote_ident(table_name) as t from information_schema.tables where table_schema in ('public', 'graphile_worker') and table_type = 'BASE TABLE'",
  )
  const rows: string[] = []
  for (const { t } of tables.rows) {
    const found = await pool.query(`select x::text as x from ${t} x`)
    rows.push(...found.rows.map(({ x }) => `${t}: ${x}`))
  }
  return rows
}

test('somebody who is forgotten is named in no column of any table', async () => {
  const { submit, call, pool, viewer, ids } = await testDesk(['pia', NAME, `${NAME}_too`])
  const mark = (row: string) => row.toLowerCase().includes(NAME)
  const say = (name: string, text: string) =>
    submit(`say/${name}/${text}`, { kind: 'chat.line', who: { account: name, name }, text, privately: false })
  const give = { of: 'balance', how: 'give', amount: 90, why: `${NAME} was so kind` }
  await call('POST', '/desk/people/correct', { viewers: [ids[NAME]], ...give })
  await call('POST', '/desk/people/correct', { viewers: [ids.pia, ids[NAME]], ...give, amount: 5 })
  await say(NAME, 'it is me')
  await say('pia', `hello ${NAME}, how are you?`)
  await say(NAME, '!rivets')
  await say(NAME, '!get whistle')
  await (await viewer(NAME))('POST', '/orders', { word: 'name-it', text: `call it ${NAME}` })
  await call('POST', `/desk/viewers/${ids[NAME]}/notes`, { text: `${NAME} likes lamps` })
  for (const name of [NAME, `${NAME}_too`]) await submit(`out/${name}`, { kind: 'presence.left', account: name })
  await call('POST', `/desk/viewers/${ids[`${NAME}_too`]}/merge`, { into: ids[NAME] })
  expect((await everything(pool)).filter(mark).length).toBeGreaterThan(20)
  expect(await call('POST', `/desk/viewers/${ids[NAME]}/forget`, { confirm: NAME })).toMatchObject({
    forgotten: ids[NAME],
  })
  expect((await everything(pool)).filter(mark)).toEqual([])
  const sums = await pool.query('select sum(balance)::int as held from account')
  expect(Number(sums.rows[0].held)).toBeGreaterThan(0)
})

test('a transfer’s money cannot be changed while somebody is forgotten, nor its words at any other time', async () => {
  const { call, pool, ids } = await testDesk()
  await call('POST', '/desk/people/correct', { viewers: [ids.pia], of: 'balance', how: 'give', amount: 90, why: '' })
  await expect(pool.query("update transfer set detail = '{}'")).rejects.toThrow('never changed')
  const client = await pool.connect()
  await client.query("begin; select set_config('ricompensa.forgetting', 'on', true)")
  await expect(client.query('update transfer set amount = amount + 1')).rejects.toThrow('never changed')
  await client.query('rollback')
  client.release()
})

test('who barred themselves from wagering is barred still when they come back after being forgotten', async () => {
  const { submit, call, pool, ids } = await testDesk(['pia'])
  const say = (key: string, text: string) =>
    submit(key, { kind: 'chat.line', who: { account: 'pia', name: 'pia' }, text, privately: false })
  const settings = { ...settingsOf(new World(), 'coin'), on: true, onAir: false }
  await submit('coin', { kind: 'game.change', game: 'coin', settings, confirmed: true })
  await say('bar', '!sitout 30d')
  await submit('out', { kind: 'presence.left', account: 'pia' })
  await call('POST', `/desk/viewers/${ids.pia}/forget`, { confirm: 'pia' })
  const kept = (await pool.query('select account, until from barred')).rows
  expect(kept).toMatchObject([{ account: expect.stringMatching(/^[0-9a-f]{64}$/) }])
  await say('back', 'hello again')
  const back = (await pool.query("select id, barred_until from viewer where account_key = 'pia'")).rows[0]
  expect(back.id).not.toBe(ids.pia)
  expect(back.barred_until).toBe(kept[0]?.until)
  await say('bet', '!coin 10 tails')
  const facts = JSON.stringify((await pool.query('select facts from fact_batch order by last')).rows)
  expect(facts).toContain('You are sitting out for')
})

test('a name is taken out of texts as a whole word, and nothing else is', () => {
  const names = ['Mara', 'x']
  expect(replaced('mara, Mara_too and Tamara', names, 'somebody 7')).toBe('somebody 7, Mara_too and Tamara')
  expect(replaced({ a: ['MARA', 'x', 'x y'], n: 5, b: null }, names, 'somebody 7')).toEqual({
    a: ['somebody 7', 'somebody 7', 'x y'],
    n: 5,
    b: null,
  })
})
