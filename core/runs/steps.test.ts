import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { NO_LIMITS } from '../access/index.ts'
import { Chance } from '../fairness/index.ts'
import { transfers } from '../ledger/index.ts'
import type { Step } from '../steps/index.ts'
import { orders } from '../store/index.ts'
import type { Argument, CommandSettings } from '../words/index.ts'
import { runs } from './runs.ts'

const say = (text: string): Step => ({ do: 'say', text })
const caller = { of: 'caller' } as const
const present = { of: 'present' } as const

function withPeople(): TestChannel {
  const channel = new TestChannel()
  for (const name of ['Pia', 'Jo', 'Mo']) channel.hear(name, 'hello')
  return channel
}

const refusalOf = (channel: TestChannel, settings: Partial<CommandSettings>): string => {
  try {
    channel.command(settings)
    return ''
  } catch (fault) {
    return (fault as Error).message
  }
}

describe('steps', () => {
  test('put a reward on sale and take it off, and say so where it is gone', () => {
    const channel = withPeople()
    const reward = channel.reward({ word: 'lamp', price: 5, on: false })
    channel.command({ word: 'open', steps: [{ do: 'sale', how: 'on', reward }, say('Open.')] })
    channel.command({ word: 'shut', steps: [{ do: 'sale', how: 'off', reward }, say('Shut.')] })
    channel.give('Pia', 20)
    expect(channel.hear('Pia', '!get lamp')[0]).toContain('not for sale')
    expect(channel.hear('Pia', '!open')).toEqual(['Open.'])
    expect(channel.hear('Pia', '!get lamp')).toHaveLength(1)
    expect(channel.balance('Pia')).toBe(15)
    expect(channel.hear('Pia', '!shut')).toEqual(['Shut.'])
    channel.send({ kind: 'store.archive', reward })
    expect(channel.hear('Pia', '!open')[0]).toContain('The reward it is about was removed.')
    expect(refusalOf(channel, { word: 'none', steps: [{ do: 'sale', how: 'on', reward: 99_999 }] })).toContain(
      'Choose a reward.',
    )
  })

  test('are done in order, and texts tell what is true when they are said', () => {
    const channel = withPeople()
    const stamps = channel.tally()
    channel.command({
      steps: [
        { do: 'tally', tally: stamps, how: 'add', to: caller, amount: { fixed: 1 } },
        say('{{ viewer.name }} has {{ viewer.tally.stamps.has }}'),
        { do: 'pay', to: caller, amount: { fixed: 50 } },
        say('and {{ viewer.has }}, paid {{ paid | in_words }}'),
      ],
    })
    expect(channel.hear('Pia', '!lamp')).toEqual(['Pia has 1 stamp', 'and 50 rivets, paid 50 rivets'])
    expect(channel.hear('Pia', '!lamp')).toEqual(['Pia has 2 stamps', 'and 100 rivets, paid 50 rivets'])
    expect(channel.world.appended(transfers).at(-1)).toMatchObject({ reason: 'run', amount: 50 })
    expect(channel.sum()).toBe(0)
  })

  test('of one run happen all or not at all, whatever stood before the one that failed', () => {
    const channel = withPeople()
    const stamps = channel.tally()
    channel.give('Pia', 10)
    channel.command({
      steps: [
        { do: 'tally', tally: stamps, how: 'add', to: caller, amount: { fixed: 1 } },
        { do: 'pay', to: present, amount: { fixed: 5 } },
        say('done'),
        { do: 'take', from: caller, amount: { fixed: 1000 } },
      ],
    })
    const facts = channel.facts('screen.alert').length
    expect(channel.hear('Pia', '!lamp')).toEqual(['Pia: That takes 1,000 rivets; Pia has 15, 985 short.'])
    expect([channel.balance('Pia'), channel.balance('Jo'), channel.tallied('Pia', stamps)]).toEqual([10, 0, 0])
    expect(channel.facts('screen.alert')).toHaveLength(facts)
  })

  test('pay everyone present, everyone in a circle, and take from many what each has', () => {
    const channel = withPeople()
    channel.leave('Mo')
    const circle = channel.send({
      kind: 'circle.save',
      circle: null,
      settings: { name: 'Crew', rules: NO_RULES, keep: true },
    })
    const crew = circle.ok ? circle.value.circle : 0
    channel.command({ word: 'rain', steps: [{ do: 'pay', to: present, amount: { fixed: 20 } }] })
    channel.command({ word: 'join', steps: [{ do: 'circle', circle: crew, how: 'in', who: caller }] })
    channel.command({
      word: 'crewpay',
      steps: [{ do: 'pay', to: { of: 'circle', circle: crew }, amount: { fixed: 7 } }],
    })
    channel.command({
      word: 'tax',
      steps: [{ do: 'take', from: present, amount: { fixed: 25 } }, say('took {{ taken }}')],
    })
    channel.hear('Pia', '!rain')
    expect(['Pia', 'Jo', 'Mo'].map((name) => channel.balance(name))).toEqual([20, 20, 0])
    channel.hear('Pia', '!join')
    channel.hear('Jo', '!crewpay')
    expect(['Pia', 'Jo'].map((name) => channel.balance(name))).toEqual([27, 20])
    expect(channel.hear('Pia', '!tax')).toEqual(['took 45'])
    expect(['Pia', 'Jo'].map((name) => channel.balance(name))).toEqual([2, 0])
    expect(channel.sum()).toBe(0)
  })

  test('order without a price, show, play and tell privately', () => {
    const channel = withPeople()
    const naming = channel.world.all({ name: 'reward' } as never).at(-1) as { id: number } | undefined
    channel.command({
      steps: [
        { do: 'order', reward: naming?.id ?? 0, to: caller, text: 'for {{ viewer.name }}' },
        { do: 'alert', title: '{{ viewer.name }}!', line: '', picture: 'lamp', sound: 'bell', seconds: 5 },
        { do: 'sound', sound: 'whistle' },
        { do: 'tell', to: caller, text: 'Only for you.' },
      ],
    })
    expect(channel.hear('Pia', '!lamp')).toEqual(['to Pia: Only for you.'])
    const [order] = channel.world.all(orders)
    expect(order).toMatchObject({ price: 0, payment: 0, status: 'waiting', text: 'for Pia', viewerName: 'Pia' })
    expect(channel.facts('screen.alert').at(-1)?.body).toMatchObject({ title: 'Pia!', seconds: 5 })
    expect(channel.facts('screen.sound').at(-1)?.body).toEqual({ sound: 'whistle', volume: 80 })
    const by = { order: order?.id ?? 0, by: 'wanda' }
    for (const kind of ['store.done', 'store.reopen', 'store.giveBack'] as const)
      expect(channel.send({ kind, ...by }).ok).toBe(true)
    expect(channel.sum()).toBe(0)
  })

  test('choose by their weights, in a way that anyone can check', () => {
    const channel = withPeople()
    const branches = [1, 3].map((weight, i) => ({ weight, name: '', steps: [say(`branch ${i + 1}`)] }))
    channel.command({ steps: [{ do: 'choose', branches }] })
    const counts = { 'branch 1': 0, 'branch 2': 0 } as Record<string, number>
    for (let i = 0; i < 400; i++) {
      const [said = ''] = channel.hear('Pia', '!lamp')
      counts[said] = (counts[said] ?? 0) + 1
    }
    expect(counts['branch 1']).toBeGreaterThan(60)
    expect(counts['branch 1']).toBeLessThan(140)
    const run = channel.world.appended(runs).at(-1)
    const point = new Chance('11'.repeat(32), `run/${run?.id}/${run?.at}`).below(4)
    expect(run?.log[0]?.sentence).toBe(`Drew ${point} of 4: ${point < 1 ? 'branch 1' : 'branch 2'}.`)
  })

  test('ask before they go on', () => {
    const channel = withPeople()
    const stamps = channel.tally()
    const when = (condition: object): Step => ({
      do: 'when',
      if: condition,
      steps: [say('yes')],
      otherwise: [say('no')],
    })
    const asks = (condition: object) => {
      const id = channel.command({ word: 'ask', steps: [when(condition)] })
      const said = channel.hear('Pia', '!ask')[0]
      channel.send({ kind: 'command.remove', command: id })
      return said
    }
    expect(asks({ balanceFrom: 10 })).toBe('no')
    channel.give('Pia', 10)
    expect(asks({ balanceFrom: 10 })).toBe('yes')
    expect(asks({ standing: 'follower' })).toBe('no')
    expect(asks({ tally: { tally: stamps, from: 0 } })).toBe('yes')
    expect(asks({ tally: { tally: stamps, from: 1 } })).toBe('no')
    expect(asks({ onAir: false })).toBe('yes')
    expect(asks({ onAir: true, balanceFrom: 1 })).toBe('no')
    // 1,000,000 s after the beginning of 1970 it was 13:46 in UTC.
    expect(asks({ time: { from: '13:00', to: '14:00' } })).toBe('yes')
    expect(asks({ time: { from: '22:00', to: '13:00' } })).toBe('no')
    expect(asks({ time: { from: '22:00', to: '13:47' } })).toBe('yes')
  })

  test('wait, and go on as if nothing had been between', () => {
    const channel = withPeople()
    channel.command({
      arguments: [{ name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }],
      steps: [
        say('3'),
        { do: 'wait', seconds: 3 },
        say('now {{ args.who.name }}'),
        { do: 'wait', seconds: 2 },
        say('end'),
      ],
    })
    expect(channel.hear('Pia', '!lamp jo')).toEqual(['3'])
    const said = (seconds: number) => {
      channel.now += seconds
      const facts = channel.facts().length
      channel.runTimers()
      return channel.saidSince(facts)
    }
    expect([said(2), said(1), said(1), said(1)]).toEqual([[], ['now Jo'], [], ['end']])
    expect(channel.world.all(runs)).toMatchObject([{ outcome: 'done', at: 1_000_000, endedAt: 1_000_005, state: null }])
  })

  test('that fail after a wait give the price back, and undo what was done since', () => {
    const channel = withPeople()
    const stamps = channel.tally()
    channel.give('Pia', 100)
    channel.command({
      cost: 40,
      steps: [
        { do: 'tally', tally: stamps, how: 'add', to: caller, amount: { fixed: 1 } },
        { do: 'wait', seconds: 5 },
        { do: 'tally', tally: stamps, how: 'add', to: caller, amount: { fixed: 5 } },
        { do: 'take', from: caller, amount: { fixed: 90 } },
      ],
    })
    channel.hear('Pia', '!lamp')
    expect(channel.balance('Pia')).toBe(60)
    channel.now += 5
    const facts = channel.facts().length
    channel.runTimers()
    expect(channel.saidSince(facts)).toEqual(['Pia: That takes 90 rivets; Pia has 60, 30 short. 40 rivets refunded.'])
    expect([channel.balance('Pia'), channel.tallied('Pia', stamps), channel.sum()]).toEqual([100, 1, 0])
    expect(channel.world.appended(transfers).at(-1)).toMatchObject({ reason: 'chargeBack', amount: 40 })
  })

  test('call those of another command, and a chain that comes back to itself is refused', () => {
    const channel = withPeople()
    const first = channel.command({ word: 'first', steps: [say('one')] })
    const second = channel.command({ word: 'second', steps: [{ do: 'call', command: first }, say('two')] })
    expect(channel.hear('Pia', '!second')).toEqual(['one', 'two'])
    const loop = { word: 'first', steps: [{ do: 'call', command: second } as Step] }
    expect(() => channel.command(loop, first)).toThrow('comes back to this one: that would never end')
    expect(channel.send({ kind: 'command.remove', command: first })).toMatchObject({
      refusal: { sentence: '!second calls its steps. Change that one first.' },
    })
  })

  test('never do more than there is room for', () => {
    const channel = withPeople()
    const many = Array.from({ length: 25 }, () => say('x'))
    const ids = [channel.command({ word: 'w0', steps: many })]
    for (let i = 1; i < 10; i++)
      ids.push(
        channel.command({ word: `w${i}`, steps: [...many.slice(1), { do: 'call', command: ids[i - 1] as number }] }),
      )
    expect(channel.hear('Pia', '!w9')).toEqual(['Pia: That is more than 200 steps in one run.'])
  })
})

const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }

describe('steps are checked before they are saved', () => {
  test.each<[string, Step[]]>([
    ['There is no field "viewer.nme"', [say('{{ viewer.nme }}')]],
    ['Did you mean "viewer.balance"?', [say('{{ balance }}')]],
    ['"shout" is not known in texts', [say('{{ viewer.name | shout }}')]],
    ['"include" is not known in texts', [say('{% include "package.json" %}')]],
    ['Something is not closed', [say('{{ viewer.name')]],
    ['Write what is to be said', [say('  ')]],
    ['Choose a tally', [{ do: 'tally', tally: 99, how: 'add', to: caller, amount: { fixed: 1 } }]],
    ['Choose a reward', [{ do: 'order', reward: 99, to: caller, text: '' }]],
    ['Choose a circle', [{ do: 'pay', to: { of: 'circle', circle: 9 }, amount: { fixed: 1 } }]],
    ['no argument "who"', [{ do: 'pay', to: { of: 'argument', name: 'who' }, amount: { fixed: 1 } }]],
    ['no argument "n"', [{ do: 'pay', to: caller, amount: { argument: 'n' } }]],
    ['Give an amount above 0', [{ do: 'pay', to: caller, amount: { fixed: 0 } }]],
    ['about one person only', [{ do: 'tell', to: present, text: 'x' }]],
    ['Choose what must hold', [{ do: 'when', if: {}, steps: [], otherwise: [] }]],
    ['Choose a command', [{ do: 'call', command: 5 }]],
    [
      'Step 3: Currency moves before and after a wait',
      [
        { do: 'pay', to: caller, amount: { fixed: 1 } },
        { do: 'wait', seconds: 1 },
        { do: 'take', from: caller, amount: { fixed: 1 } },
      ],
    ],
    [
      'Step 1, within it step 2: Write what',
      [{ do: 'when', if: { onAir: true }, steps: [say('a'), say('')], otherwise: [] }],
    ],
  ])('%s', (sentence, steps) => {
    expect(refusalOf(withPeople(), { steps })).toContain(sentence)
  })

  test('every field that is offered can be used', async () => {
    const { fieldsFor, aroundIn } = await import('./index.ts')
    const channel = withPeople()
    channel.tally()
    const wanted: Argument[] = [{ name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }]
    const known = fieldsFor(aroundIn(channel.world, { arguments: [...wanted], figures: {}, viewer: true }))
    const steps = known.slice(0, 25)
    for (let i = 0; i < known.length; i += 20) {
      const texts = known.slice(i, i + 20).map(({ path, list }) => say(`x{{ ${path}${list ? ' | places' : ''} }}`))
      const id = channel.command({ arguments: [...wanted], steps: texts, limits: NO_LIMITS })
      const said = channel.hear('Pia', '!lamp Jo')
      expect(said).toHaveLength(texts.length)
      for (const line of said) expect(line).not.toMatch(/object|undefined|NaN|null/i)
      channel.send({ kind: 'command.remove', command: id })
    }
    expect(steps.length).toBe(25)
  })

  test('a text that tells what is changed further down is pointed out', async () => {
    const { aroundIn, checkSteps } = await import('./index.ts')
    const channel = withPeople()
    const stamps = channel.tally()
    const around = aroundIn(channel.world, { arguments: [], figures: {}, viewer: true })
    const count: Step = { do: 'tally', tally: stamps, how: 'add', to: caller, amount: { fixed: 1 } }
    const faults = checkSteps([say('{{ viewer.tally.stamps.count }}'), count, say('{{ viewer.has }}')], around)
    expect(faults).toEqual([{ at: [0], hint: true, sentence: expect.stringContaining('is changed further down') }])
    expect(checkSteps([count, say('{{ viewer.tally.stamps.count }}')], around)).toEqual([])
  })
})

test('an amount that the viewer types and nobody gives is pointed out', async () => {
  const { aroundIn, checkSteps } = await import('./index.ts')
  const wanted: Argument[] = [{ name: 'n', kind: 'amount', needed: true, choices: [], most: 1 }]
  const around = aroundIn(withPeople().world, { arguments: wanted, figures: {}, viewer: true })
  const pay: Step = { do: 'pay', to: caller, amount: { argument: 'n' } }
  const take: Step = { do: 'take', from: caller, amount: { argument: 'n' } }
  expect(checkSteps([pay], around)).toMatchObject([{ at: [0], hint: true }])
  expect(checkSteps([take, pay], around)).toEqual([])
})

describe('texts in steps', () => {
  const heard = (text: string) => {
    const channel = withPeople()
    channel.command({ steps: [say(text)] })
    return channel.hear('Pia', '!lamp')
  }

  test('know plurals, picks, lists and dates', () => {
    expect(heard('{{ 1 | plural: "day", "days" }}, {{ 2000 | plural: "day", "days" }}')).toEqual(['1 day, 2,000 days'])
    expect(['tea', 'cocoa']).toContain(heard('{{ "tea, cocoa" | pick }}')[0])
    expect(heard('{{ now.weekday }} {{ now.time }}, {{ now.date }}')).toEqual(['Monday 13:46, 12 January 1970'])
    expect(heard('{{ top.balance | places: 3 }}.{{ counts.present }}')).toEqual(['nobody yet.3'])
  })

  test('are cut to one line of chat, at a word', () => {
    const [line = ''] = heard('{% for i in (1..200) %}rivets {% endfor %}')
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(340)
    expect(line).toMatch(/rivets…$/)
  })

  test('that loop for ever or grow without end say nothing', () => {
    expect(heard('{% for i in (1..99999999) %}x{% endfor %}')).toEqual([])
    const grow = `{% assign a = "xxxxxxxxxx" %}${'{% assign a = a | append: a %}'.repeat(16)}{{ a }}`
    expect(heard(grow)[0]?.length ?? 0).toBeLessThanOrEqual(340)
  })

  test('never show a template, whatever they hold', () => {
    const channel = withPeople()
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const settings = { word: 'any', steps: [say(`a {{ "${text}" }} ${text}`)] }
        if (refusalOf(channel, settings) !== '') return
        const said = channel.hear('Pia', '!any')
        channel.send({ kind: 'command.remove', command: Number(lastId(channel)) })
        for (const line of said) expect(line.length).toBeLessThanOrEqual(340)
      }),
      { numRuns: 200 },
    )
  })
})

const lastId = (channel: TestChannel) => channel.facts('commands.changed').at(-1)?.body.command
