import { randomUUID } from 'node:crypto'
import { describe, expect, onTestFinished, test } from 'vitest'
import { markOf } from '#core/changes'
import { GAMES } from '#core/games'
import { SAME_CHANCE } from '#core/raffles'
import { COMMAND, TRIGGER, WHISTLE } from '../../../testing/core/channel.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'

type Answer = Record<string, unknown>

async function atDesk() {
  const { web: first, url, server, signedIn } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  let web = first
  const call = async (method: string, path: string, body?: object, from?: unknown) => {
    const response = await fetch(`${web}/api/channels/bench/desk/${path}`, {
      method,
      headers: {
        cookie,
        'content-type': 'application/json',
        'idempotency-key': randomUUID(),
        ...(from !== undefined && { 'if-match': `"${markOf(from)}"` }),
      },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
    return { ...((await response.json()) as Answer), status: response.status } as Answer
  }
  /** From here on another server answers, which knows what was saved from the database alone. */
  const startAnew = async () => {
    await server.stop()
    const anew = await startOn(url)
    onTestFinished(() => anew.server.stop())
    web = anew.web
  }
  return { call, startAnew }
}

/** What a form shows of something, by the answer that it comes from. */
const FORMS: readonly {
  readonly what: string
  readonly path: string
  readonly make?: object
  readonly shown: (answers: Answer, id: unknown) => object
  readonly from: string
  readonly changed: (settings: object) => object
  /** What is sent of it, where that is not it itself. */
  readonly sent?: (settings: object) => object
}[] = [
  {
    what: 'reward',
    path: 'rewards',
    make: { ...WHISTLE, name: 'Hat', word: 'hat' },
    from: 'store',
    shown: ({ rewards }, id) =>
      (rewards as { id: number; settings: object }[]).find((one) => one.id === id)?.settings ?? {},
    changed: (settings) => ({ ...settings, price: 77 }),
  },
  ...(['command', 'trigger'] as const).map((what) => ({
    what,
    path: `${what}s`,
    make: what === 'command' ? COMMAND : TRIGGER,
    from: 'commands',
    shown: (answer: Answer, id: unknown) =>
      (answer[`${what}s`] as { id: number; settings: object }[]).find((one) => one.id === id)?.settings ?? {},
    changed: (settings: object) => ({ ...settings, group: 'Other' }),
  })),
  ...(['currency', 'words', 'handing'] as const).map((what) => ({
    what,
    path: what,
    from: 'words',
    shown: (answer: Answer) => answer[what] as object,
    changed: (settings: object) =>
      what === 'currency'
        ? { ...settings, many: 'bolts' }
        : what === 'handing'
          ? { ...settings, perDay: 33 }
          : { ...settings, help: { ...(settings as { help: object }).help, on: false } },
  })),
  {
    what: 'zone',
    path: 'zone',
    from: 'words',
    shown: ({ zone }) => ({ timeZone: zone }),
    changed: () => ({ timeZone: 'Europe/Berlin' }),
  },
  {
    what: 'wagering',
    path: 'wagering',
    from: 'games',
    shown: ({ wagering }) => wagering as object,
    changed: (settings) => ({ ...settings, mostLost: 99 }),
  },
  {
    what: 'ranks',
    path: 'ranks',
    from: 'ranks',
    shown: ({ plan }) => plan as object,
    changed: (plan) => ({ ...plan, announce: '{{ viewer.name }} rises.' }),
  },
  {
    what: 'earning plan',
    path: 'earning',
    from: 'earning',
    shown: ({ plan }) => plan as object,
    changed: (plan) => ({ ...plan, base: 77 }),
  },
  {
    what: 'overlay',
    path: 'overlays',
    make: { name: 'Main' },
    from: 'screen',
    shown: ({ overlays }, id) => {
      const found = (overlays as Answer[]).find((one) => one.id === id) ?? {}
      return Object.fromEntries(['name', 'width', 'height', 'pieces', 'background'].map((part) => [part, found[part]]))
    },
    changed: (settings) => ({ ...settings, width: 640 }),
  },
  {
    what: 'setup',
    path: 'raffle-setups',
    make: { settings: { ...SAME_CHANCE, title: 'Cap', prize: { of: 'text', text: 'A cap' } }, digit: 3 },
    from: 'raffles/form',
    shown: ({ setups }, id) => {
      const found = (setups as { id: number; settings: object; digit: number }[]).find((one) => one.id === id)
      return { settings: found?.settings, digit: found?.digit }
    },
    changed: (kept) => ({ ...kept, digit: 4 }),
  },
  {
    what: 'channel',
    path: 'channel',
    from: 'channel',
    shown: ({ name, address, listed, pausedBy, closedAt }) => ({
      ...{ name, address, listed },
      paused: pausedBy !== null,
      closed: closedAt !== null,
    }),
    changed: (state) => ({ ...state, name: 'The other bench' }),
    sent: (state) => {
      const { name, listed } = state as { name: string; listed: boolean }
      return { name, listed }
    },
  },
  {
    what: 'tally',
    path: 'tallies',
    make: { name: 'Stamps', one: 'stamp', many: 'stamps', key: 'stamps', ceiling: null, passing: false },
    from: 'commands',
    shown: ({ tallies }, id) => {
      const row = (tallies as { id: number }[]).find((one) => one.id === id)
      return Object.fromEntries(Object.entries(row ?? {}).filter(([name]) => name !== 'id' && name !== 'goneAt'))
    },
    changed: (settings) => ({ ...settings, many: 'marks' }),
  },
  ...GAMES.map((game) => ({
    what: `game ${game}`,
    path: `games/${game}`,
    from: 'games',
    shown: ({ settings }: Answer) => (settings as Record<string, object>)[game] ?? {},
    changed: (settings: object) => ({ ...settings, onAir: !(settings as { onAir: boolean }).onAir }),
    sent: (settings: object) => ({ settings, confirmed: true }),
  })),
]

describe('what says what it was changed from', () => {
  test.each(FORMS)('is saved, and refused with what is there now once somebody else saved: $what', async (form) => {
    const { call, startAnew } = await atDesk()
    const id = form.make && (await call('POST', form.path, form.make))[form.what]
    const sent = (settings: object) => form.sent?.(settings) ?? settings
    const shown = async () => form.shown(await call('GET', form.from), id)
    const at = id === undefined ? form.path : `${form.path}/${id}`
    const first = await shown()
    expect(await call('PUT', at, sent(form.changed(first)), first)).toMatchObject({ status: 200 })
    const second = await shown()
    expect(second).not.toEqual(first)
    const refused = await call('PUT', at, sent(first), { some: 'older version' })
    expect(refused).toMatchObject({ status: 409, code: 'changed_meanwhile' })
    expect(JSON.parse((refused.data as { now: string }).now)).toEqual(second)
    expect(await shown()).toEqual(second)
    await startAnew()
    expect(await call('PUT', at, sent(first), second)).toMatchObject({ status: 200 })
    // Without it the later save counts, as before; and who saves what is there already is in nobody's way.
    expect(await call('PUT', at, sent(second))).toMatchObject({ status: 200 })
    expect(await call('PUT', at, sent(second), first)).toMatchObject({ status: 200 })
  })
})
