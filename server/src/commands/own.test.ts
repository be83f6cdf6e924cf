import { createServer } from 'node:http'
import { Webhook } from 'standardwebhooks'
import { describe, expect, onTestFinished, test, vi } from 'vitest'
import type { Step } from '#core/steps'
import { COMMAND, TALLY, TRIGGER } from '../../../testing/core/channel.ts'
import { testDesk } from '../../../testing/server/desk.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { startOn } from '../../../testing/server/server.ts'
import { systemClock } from '../clock.ts'
import { EventSecrets } from '../events/index.ts'

const caller = { of: 'caller' } as const
const say = (text: string): Step => ({ do: 'say', text })
const soon = (check: () => unknown) => vi.waitFor(check, { timeout: 120_000, interval: 50 })

async function deskWithCommands(environment: Record<string, string> = {}) {
  const parts = await testDesk(['pia', 'jo'], environment)
  const { call, submit, pool } = parts
  const made = async (settings: object) =>
    Number((await call('POST', '/desk/commands', { ...COMMAND, ...settings })).command)
  let lines = 0
  const chat = (name: string, text: string) =>
    submit(`line-${++lines}`, { kind: 'chat.line', who: { account: name, name }, text, privately: false })
  const replies = async () => {
    const found = await pool.query('select facts from fact_batch order by last')
    const facts = found.rows.flatMap(
      (row) => JSON.parse(row.facts as string) as { kind: string; body: { text: string } }[],
    )
    return facts.filter(({ kind }) => kind === 'chat.replied').map(({ body }) => body.text)
  }
  return { ...parts, made, chat, replies }
}

describe('commands at the desk', () => {
  test('are made, read back with whether they work, changed, switched and taken away', async () => {
    const { call, made } = await deskWithCommands()
    const id = await made({ word: 'Lamp', steps: [say('{{ viewer.name }}'), { do: 'sound', sound: 'bell' }] })
    const list = async () =>
      (await call('GET', '/desk/commands')).commands as { id: number; who: string; ready: object; settings: object }[]
    expect(await list()).toMatchObject([{ id, who: 'everyone', settings: { word: 'lamp' }, ready: { ready: false } }])
    expect((await list())[0]?.ready).toMatchObject({
      sentence: expect.stringMatching(/Chat is not connected/),
      fix: { page: '/connections' },
    })
    expect(await call('POST', '/desk/commands', { ...COMMAND, aliases: ['lamp'], word: 'other' })).toMatchObject({
      code: 'words_overlap',
    })
    expect(await call('PUT', `/desk/commands/${id}`, { ...COMMAND, word: 'light' })).toMatchObject({
      command: id,
      settings: { word: 'light' },
    })
    expect(await call('POST', `/desk/commands/${id}/switch`, { on: false })).toMatchObject({ on: false })
    expect(await call('POST', `/desk/commands/${id}/remove`)).toEqual({})
    expect(await list()).toEqual([])
    expect(await call('PUT', `/desk/commands/${id}`, COMMAND)).toMatchObject({ code: 'command_not_found' })
  })

  test('that cannot be say which step is wrong', async () => {
    const { call } = await deskWithCommands()
    const steps = [say('fine'), { do: 'when', if: { onAir: true }, steps: [say('{{ nothing }}')], otherwise: [] }]
    expect(await call('POST', '/desk/commands', { ...COMMAND, steps })).toMatchObject({
      code: 'command_invalid',
      detail: expect.stringContaining('Step 2, within it step 1: There is no field "nothing"'),
    })
    expect(await call('POST', '/desk/commands', { ...COMMAND, steps: [{ do: 'explode' }] })).toMatchObject({
      code: 'body_invalid',
    })
  })

  test('are tried on a copy: every outcome is told and nothing is written', async () => {
    const { call, pool, ids, balance } = await deskWithCommands()
    const tables = ['transfer', 'viewer', 'run', 'fact_batch', 'cooldown', 'account']
    const counts = async () => {
      const found = await Promise.all(tables.map((table) => pool.query(`select count(*)::int as n from ${table}`)))
      return [
        ...found.map(({ rows }) => rows[0].n),
        (await pool.query('select seq, last_id, revision from channel order by id')).rows,
      ]
    }
    const before = await counts()
    const settings = {
      ...COMMAND,
      cost: 20,
      onAir: true,
      steps: [
        { do: 'pay', to: caller, amount: { fixed: 50 } },
        say('{{ viewer.has }}'),
        { do: 'wait', seconds: 4 },
        { do: 'alert', title: 'Hi {{ viewer.name }}', line: '', picture: 'lamp', sound: 'bell', seconds: 5 },
      ],
    }
    const what = { kind: 'command', id: null, settings, typed: '' }
    expect(await call('POST', '/desk/try', { what, as: { madeUp: 'follower' } })).toMatchObject({
      outcome: 'refused',
      refusal: { code: 'command_off_air' },
    })
    expect(await call('POST', '/desk/try', { what, as: { madeUp: 'follower' }, onAir: true })).toMatchObject({
      outcome: 'done',
      refusal: null,
      lines: [{ to: null, text: '530 rivets', after: 0 }],
      transfers: [
        { who: 'a_follower', change: -20, before: 500, after: 480 },
        { who: 'a_follower', change: 50, before: 480, after: 530 },
      ],
      alerts: [{ title: 'Hi a_follower', seconds: 5 }],
      seconds: 4,
    })
    expect(await call('POST', '/desk/try', { what, as: { viewer: ids.pia }, onAir: true })).toMatchObject({
      refusal: { code: 'balance_too_small' },
    })
    expect(await counts()).toEqual(before)
    expect(await balance('pia')).toBe(0)
  })

  test('run for real from the desk, are logged with how long they took, and the log is found by outcome and words', async () => {
    const { call, made, ids, balance, chat } = await deskWithCommands()
    const id = await made({ word: 'gain', steps: [{ do: 'pay', to: caller, amount: { fixed: 9 } }] })
    await made({ word: 'closed', who: { ...COMMAND.who, everyone: false } })
    expect(await call('POST', `/desk/commands/${id}/use`, { viewer: ids.pia, typed: '' })).toMatchObject({
      used: { outcome: 'done' },
    })
    expect(await balance('pia')).toBe(9)
    await chat('jo', '!closed')
    const runs = async (query: string) =>
      (await call('GET', `/desk/runs${query}`)).runs as { name: string; ms: number | null; outcome: string }[]
    await soon(async () => expect((await runs('?outcome=done'))[0]?.ms).not.toBeNull())
    expect((await runs('')).map(({ name, outcome }) => [name, outcome])).toEqual([
      ['closed', 'refused'],
      ['gain', 'done'],
    ])
    expect(await runs('?text=not open')).toMatchObject([{ name: 'closed', why: '!closed is not open to you here.' }])
    expect(await runs('?text=PIA')).toMatchObject([{ name: 'gain' }])
    expect(await runs('?text=%25')).toEqual([])
  })
})

describe('what is asked of everybody', () => {
  test('is read for the moment: lists, who is present, who is named nearly so', async () => {
    const { call, made, chat, replies, submit, ids } = await deskWithCommands()
    const tally = Number((await call('POST', '/desk/tallies', TALLY)).tally)
    await call('POST', `/desk/tallies/${tally}/correct`, { viewer: ids.jo, how: 'set', amount: 4 })
    await submit('adjust', {
      kind: 'people.adjust',
      viewers: [ids.pia ?? 0],
      of: 'balance',
      how: 'give',
      amount: 70,
      why: '',
      by: 'w',
    })
    await made({
      word: 'tops',
      limits: { ...COMMAND.limits },
      steps: [say('{{ top.balance | places }}; {{ tally.stamps.top | places }}; {{ counts.present }}')],
    })
    await made({ word: 'rain', steps: [{ do: 'pay', to: { of: 'present' }, amount: { fixed: 5 } }, say('{{ paid }}')] })
    await made({
      word: 'who',
      arguments: [{ name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }],
      steps: [say('{{ args.who.name }}')],
    })
    await chat('pia', '!tops')
    await chat('pia', '!rain')
    await chat('jo', '!tops')
    await chat('jo', '!who P1A')
    expect(await replies()).toEqual(['1. pia 70; 1. jo 4; 2', '10', '1. pia 75, 2. jo 5; 1. jo 4; 2', 'pia'])
  })

  test('a tally goes with its person when two accounts become one, and with them when they are forgotten', async () => {
    const { call, ids, pool, submit } = await deskWithCommands()
    const tally = Number((await call('POST', '/desk/tallies', TALLY)).tally)
    for (const [name, amount] of [
      ['pia', 3],
      ['jo', 4],
    ] as const)
      await call('POST', `/desk/tallies/${tally}/correct`, { viewer: ids[name], how: 'set', amount })
    await submit('out', { kind: 'presence.left', account: 'jo' })
    await submit('merge', { kind: 'people.merge', from: ids.jo ?? 0, into: ids.pia ?? 0 })
    const counts = async () => (await pool.query('select viewer, total from tally_count')).rows
    expect(await counts()).toEqual([{ viewer: ids.pia, total: 7 }])
    await submit('out2', { kind: 'presence.left', account: 'pia' })
    await submit('forget', { kind: 'people.forget', viewer: ids.pia ?? 0, confirm: 'pia' })
    expect(await counts()).toEqual([])
  })
})

describe('time', () => {
  test('a run that waits goes on after the server was started anew', async () => {
    const parts = await deskWithCommands()
    const { made, chat, replies, server, url } = parts
    await made({ word: 'slow', steps: [say('one'), { do: 'wait', seconds: 2 }, say('two')] })
    await chat('pia', '!slow')
    await server.stop()
    const again = await startOn(url)
    onTestFinished(() => again.server.stop())
    await soon(async () => expect(await replies()).toEqual(['one', 'two']))
  })

  test('triggers run in the order in which they were set off', async () => {
    const { call, submit, pool } = await deskWithCommands()
    await call('POST', '/desk/triggers', { ...TRIGGER, limits: { ...TRIGGER.limits, perShow: 1 } })
    const follow = (name: string) =>
      submit(`follow-${name}`, {
        kind: 'event.received',
        source: 'x',
        type: 'ricompensa.follow',
        happenedAt: systemClock(),
        who: { account: name, name },
        body: {},
      })
    await Promise.all(['jo', 'pia', 'kim', 'lou', 'max'].map(follow))
    const outcomes = async () => (await pool.query('select viewer_name, outcome from run order by id')).rows
    await soon(async () => expect(await outcomes()).toHaveLength(5))
    expect((await outcomes())[0]).toEqual({ viewer_name: 'jo', outcome: 'done' })
    expect((await outcomes()).filter(({ outcome }) => outcome === 'done')).toHaveLength(1)
  })
})

describe('a redemption of the platform’s own points', () => {
  /** A platform that hears what becomes of redemptions; it does not answer the first time. */
  async function platform(secret: string) {
    const heard: { type: string; data: { redemption: string } }[] = []
    const tried: { id: string; time: string; delivery: unknown }[] = []
    let calls = 0
    const port = await freePort()
    const server = createServer((request, response) => {
      let body = ''
      request.on('data', (part) => (body += part))
      request.on('end', () => {
        const failing = ++calls === 1
        tried.push({ ...JSON.parse(body), delivery: request.headers['webhook-id'] })
        if (!failing)
          heard.push(
            new Webhook(secret).verify(body, request.headers as Record<string, string>) as (typeof heard)[number],
          )
        response.writeHead(failing ? 503 : 200).end('{}')
      })
    }).listen(port, '127.0.0.1')
    onTestFinished(() => void server.close())
    return { heard, tried, url: `http://127.0.0.1:${port}/answers` }
  }

  test('is answered, signed, and told again until it is heard', async () => {
    const secret = `whsec_${Buffer.from('a secret of some length').toString('base64')}`
    const { heard, tried, url } = await platform(secret)
    const { call, pool, channel, submit, balance } = await deskWithCommands({ PLATFORM_ANSWERS_URL: url })
    await new EventSecrets(pool, systemClock).add(channel, 'Platform', null, secret)
    const event = (key: string, type: string, body: object, name?: string) =>
      submit(key, {
        kind: 'event.received',
        source: 'x',
        type: `ricompensa.${type}`,
        happenedAt: systemClock(),
        ...(name && { who: { account: name, name } }),
        body: { ...body },
      })
    await event('list', 'rewards.listed', {
      rewards: [
        { id: 'n1', name: 'Stamp', price: 10 },
        { id: 'n2', name: 'Advice', price: 10 },
      ],
    })
    const pay = { do: 'pay', to: caller, amount: { fixed: 6 } }
    const source = (reward: string, approval: string) => ({ of: 'outside', reward, approval })
    await call('POST', '/desk/triggers', { ...TRIGGER, name: 'Stamp', source: source('n1', 'itself'), steps: [pay] })
    await call('POST', '/desk/triggers', { ...TRIGGER, name: 'Advice', source: source('n2', 'hand'), steps: [pay] })
    await event('e1', 'reward.redeemed', { reward: { id: 'n1', name: 'Stamp' }, redemption: 'r1' }, 'pia')
    await event('e2', 'reward.redeemed', { reward: { id: 'n2', name: 'Advice' }, redemption: 'r2' }, 'pia')
    await soon(async () => expect(await balance('pia')).toBe(6))
    const waiting = async () => (await call('GET', '/desk/redemptions')).redemptions as { id: number }[]
    await soon(async () => expect(await waiting()).toMatchObject([{ rewardName: 'Advice', viewerName: 'pia' }]))
    const id = (await waiting())[0]?.id
    expect(await call('POST', `/desk/redemptions/${id}/refuse`)).toEqual({ status: 'refused' })
    expect(await call('POST', `/desk/redemptions/${id}/approve`)).toMatchObject({ code: 'redemption_not_waiting' })
    await soon(() =>
      expect(heard.map(({ type, data }) => [data.redemption, type]).sort()).toEqual([
        ['r1', 'ricompensa.redemption.approved'],
        ['r2', 'ricompensa.redemption.refused'],
      ]),
    )
    expect([await balance('pia'), await waiting()]).toEqual([6, []])
    // What was told again is the same event in the same delivery.
    const [first, ...others] = tried.filter(({ id }) => id === tried[0]?.id)
    expect(others).toEqual([first])
  })
})

describe('buttons of the desk', () => {
  test('say whether they work now, run their steps at a press, and then say until when they are on cooldown', async () => {
    const { call, replies } = await deskWithCommands()
    const source = { of: 'button', board: 'Evening', colour: 'moss', confirm: true }
    const limits = { ...TRIGGER.limits, everyoneSeconds: 600 }
    const { trigger } = await call('POST', '/desk/triggers', {
      ...TRIGGER,
      ...{ name: 'Bell', source, limits, steps: [say('Ding!')] },
    })
    await call('POST', '/desk/triggers', { ...TRIGGER, name: 'Follow', steps: [say('hello')] })
    const shown = async () => (await call('GET', '/desk/buttons')).buttons as { restsUntil: number }[]
    expect(await shown()).toMatchObject([
      {
        id: trigger,
        ...{ name: 'Bell', board: 'Evening', colour: 'moss', confirm: true, restsUntil: 0 },
        ready: { ready: false, sentence: expect.stringMatching(/Chat is not connected/) },
      },
    ])
    expect(await call('POST', `/desk/buttons/${trigger}/press`)).toMatchObject({ outcome: 'done' })
    expect(await replies()).toEqual(['Ding!'])
    expect((await shown())[0]?.restsUntil).toBeGreaterThan(systemClock() + 500)
    expect(await call('POST', `/desk/buttons/${trigger}/press`)).toMatchObject({ refusal: { code: 'rests' } })
    expect(await call('POST', '/desk/buttons/999/press')).toMatchObject({ code: 'trigger_not_found' })
  })
})

describe('what everybody can see', () => {
  test('the list of commands says what each does, for whom, and whether it is for the caller', async () => {
    const { made, viewer, submit, ids } = await deskWithCommands()
    await made({ word: 'crew', who: { ...COMMAND.who, everyone: false, standings: ['follower'] }, cost: 5 })
    await made({ word: 'hidden', on: false })
    const listed = async (name: string) => {
      const { commands } = await (await viewer(name))('GET', '/commands')
      return (commands as { word: string; yours: boolean; who: string }[]).map(({ word, yours, who }) => [
        word,
        yours,
        who,
      ])
    }
    expect(await listed('pia')).toContainEqual(['crew', false, 'followers'])
    await submit('follows', { kind: 'people.keep', viewer: ids.pia ?? 0, follower: true })
    expect(await listed('pia')).toContainEqual(['crew', true, 'followers'])
    expect((await listed('stranger')).map(([word]) => word)).toEqual([
      'rivets',
      'get',
      'here',
      'rank',
      'hours',
      'top',
      'longest',
      'earners',
      'fair',
      'help',
      'crew',
    ])
  })

  test('the seeds: the open one by its commitment only, and in full once the show is over', async () => {
    const { call, pool, submit, channel } = await deskWithCommands()
    const seeds = async () =>
      (await call('GET', '/seeds')) as {
        open: { id: number; commitment: string }
        closed: { id: number; seed: string; commitment: string }[]
      }
    const before = await seeds()
    expect(JSON.stringify(before)).not.toContain(
      (await pool.query("select body->>'seed' as seed from setting where name = 'seed' and channel = $1", [channel]))
        .rows[0].seed,
    )
    await submit('on', { kind: 'show.start', title: 'x' })
    await submit('off', { kind: 'show.end' })
    await soon(async () =>
      expect((await seeds()).closed).toMatchObject([
        { id: before.open.id, commitment: before.open.commitment, seed: expect.stringMatching(/^[0-9a-f]{64}$/) },
      ]),
    )
  })

  test('the bot says what the team writes, in the way and about what it is told to', async () => {
    const { call, chat, replies, made } = await deskWithCommands()
    await made({})
    expect(await call('PUT', '/desk/voice', { reply: 'mention', silent: ['store'] })).toMatchObject({ muted: false })
    await call('POST', '/desk/say', { text: '  Back in a minute. ' })
    await chat('pia', '!lamp')
    expect(await replies()).toEqual(['Back in a minute.', '@pia The lamp is lit.'])
    expect(await call('POST', '/desk/say', { text: '   ' })).toMatchObject({ code: 'body_invalid' })
  })
})
