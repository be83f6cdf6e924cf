import { beforeEach, describe, expect, test } from 'vitest'
import { commitmentOf, roundSeedOf, seedSetting } from '../fairness/index.ts'
import { agrees } from '../games/index.ts'
import { BOOKS, transfers } from '../ledger/index.ts'
import { readSetting } from '../settings/index.ts'
import type { TestChannel } from '../testing/channel.ts'
import { evening, later as goOn, potsOf } from '../testing/evening.ts'
import { recheck } from './check.ts'
import { entries, type RaffleRow, raffles, totalsOf, type WinnerRow, winners } from './rows.ts'

let channel: TestChannel
const later = (seconds: number): void => goOn(channel, seconds)
const raffle = (id: number): RaffleRow => channel.world.get(raffles, id) as RaffleRow
const won = (id: number): WinnerRow[] => channel.world.all(winners).filter((one) => one.raffle === id)
const last = (lines: readonly string[]): string => lines.at(-1) ?? ''
const act = (id: number, does: 'open' | 'close' | 'draw' | 'callOff' | 'finish', draw?: number) =>
  channel.send({ kind: 'raffle.act', raffle: id, does, by: 'wanda', ...(draw !== undefined && { draw }) })
const sentence = (result: ReturnType<typeof act>): string => (result.ok ? 'done' : result.refusal.sentence)

beforeEach(() => {
  channel = evening()
})

describe('entering', () => {
  test('is answered with tickets, cost and chance', () => {
    channel.raffle({ price: 20, mostTickets: 10 })
    expect(last(channel.hear('pia', '!in'))).toBe('pia is in with 1 ticket. Chance now: 100 %.')
    expect(last(channel.hear('jo', '!in 4'))).toBe('jo is in with 4 tickets for 60 rivets. Chance now: 80 %.')
    expect(last(channel.hear('pia', '!IN 2'))).toBe('pia adds 2 tickets for 40 rivets, 3 now. Chance now: 42.9 %.')
    expect(last(channel.hear('pia', '!in please'))).toBe(
      'pia is in with 3 tickets. Chance now: 42.9 %. !in 1 adds one for 20 rivets.',
    )
    expect([channel.balance('pia'), channel.balance('jo'), potsOf(channel)]).toEqual([960, 940, 100])
  })

  test('of the plain kind needs few words', () => {
    const id = channel.raffle()
    expect(last(channel.hear('pia', '!in'))).toBe('pia is in for “Desk lamp”. Chance now: 100 %.')
    expect(last(channel.hear('pia', '!in'))).toBe('pia is in with 1 ticket. Chance now: 100 %.')
    expect(last(channel.hear('pia', '!in 3'))).toContain('You have 1 ticket, and that is the most.')
    expect(totalsOf(channel.world, id)).toMatchObject({ people: 1, tickets: 1, weight: 100, paid: 0 })
  })

  test('gives the money back to who leaves, and a new place to who comes back', () => {
    const id = channel.raffle({ price: 20, mostTickets: 10, free: { everyone: 0, standings: [] } })
    channel.hear('pia', '!in 3')
    channel.hear('jo', '!in')
    expect(last(channel.hear('pia', '!in leave'))).toBe('pia is out of “Desk lamp”. 60 rivets are back.')
    expect([channel.balance('pia'), totalsOf(channel.world, id).people]).toEqual([1000, 1])
    expect(last(channel.hear('pia', '!in out'))).toContain('You are not in the raffle')
    channel.hear('pia', '!in 1')
    expect(channel.world.all(entries).map(({ name, nr }) => [name, nr])).toEqual([
      ['pia', 3],
      ['jo', 2],
    ])
  })

  test('counts a ticket by the highest weight of the standings held, and says so', () => {
    const id = channel.raffle({ weights: [{ standing: 'moderator', weight: 150 }] })
    expect(channel.facts('chat.replied').at(-1)?.body.text).toContain('A ticket of a moderator counts 1.5.')
    channel.hear('jo', '!in')
    channel.send({
      kind: 'chat.line',
      who: { account: 'umbra', name: 'umbra', moderator: true },
      text: '!in',
      privately: false,
    })
    expect(channel.facts('chat.replied').at(-1)?.body.text).toBe(
      'umbra is in for “Desk lamp”. Chance now: 60 %, as each ticket counts 1.5.',
    )
    expect(totalsOf(channel.world, id).weight).toBe(250)
  })

  test('is refused with what is missing', () => {
    const say = (text = '!in'): string => {
      channel.now += 61
      return last(channel.hear('pia', text))
    }
    channel.raffle({ word: { word: 'one', aliases: ['uno'] }, hours: 5 })
    expect(say('!uno')).toContain('for who has watched 5 h or more; you need')
    channel.raffle({ word: { word: 'two', aliases: [] }, followDays: 10 })
    expect(say('!two')).toContain('for who has followed for 10 days; you do not follow yet.')
    channel.raffle({ word: { word: 'three', aliases: [] }, seen: { least: 2, of: 5 } })
    expect(say('!three')).toContain('at 2 of the last 5 shows for five minutes or more; you were at 0.')
    const nobody = { everyone: false, streamer: true, standings: [], rank: null, people: [] }
    channel.raffle({ word: { word: 'four', aliases: [] }, who: nobody })
    expect(say('!four')).toContain('This raffle is not open to you here.')
    channel.raffle({ word: { word: 'five', aliases: [] } }, { of: 'at', at: channel.now + 600 })
    expect(say('!five')).toContain('is not open yet. It opens in 8 min')
    channel.raffle({ word: { word: 'six', aliases: [] }, price: 2000, free: { everyone: 0, standings: [] } })
    expect(say('!six 1')).toContain('1 ticket costs 2,000 rivets; you have 1,000, 1,000 short.')
    expect(say('!six 1.5')).toContain('"1.5" is no number of tickets.')
    expect(say('!six 999999999')).toContain('is no number of tickets.')
    expect(potsOf(channel)).toBe(0)
  })

  test('who sits out of wagering buys no tickets, but may take free ones', () => {
    channel.raffle({ price: 20, mostTickets: 5 })
    channel.hear('pia', '!sitout 30 days')
    expect(last(channel.hear('pia', '!in 3'))).toContain('You are sitting out')
    expect(last(channel.hear('pia', '!in'))).toContain('pia is in with 1 ticket')
  })

  test('closes once as many are in as it takes', () => {
    const id = channel.raffle({ mostPeople: 2 })
    channel.hear('pia', '!in')
    const said = channel.hear('jo', '!in')
    expect(said).toContain('“Desk lamp” is full and closed: 2 people are in.')
    expect(raffle(id).status).toBe('closed')
    expect(last(channel.hear('bo', '!in'))).toContain('closed just now.')
  })

  test('counts are told at most once a second, and none is lost', () => {
    channel.raffle()
    const before = channel.facts('raffle.counted').length
    for (const name of ['pia', 'jo', 'umbra', 'bo']) channel.hear(name, '!in')
    expect(channel.facts('raffle.counted').length - before).toBe(1)
    later(1)
    const [first, second] = channel.facts('raffle.counted').slice(before)
    expect(first?.body).toMatchObject({ people: 1, names: ['pia'], came: 1 })
    expect(second?.body).toMatchObject({ people: 4, names: ['jo', 'umbra', 'bo'], came: 3 })
  })

  test('sounds of many entries play once in five seconds', () => {
    const alert = channel.alert({ title: '{{ viewer.name }}' })
    channel.raffle({ entryAlert: alert, entrySound: 'bell' })
    for (const name of ['pia', 'jo', 'umbra']) channel.hear(name, '!in')
    later(5)
    expect(channel.facts('screen.alert').map(({ body }) => body.title)).toEqual(['pia', '2 more'])
    expect(channel.facts('screen.sound')).toHaveLength(2)
  })
})

describe('the clock', () => {
  test('opens at its time, reminds, is closing soon, and closes', () => {
    const id = channel.raffle({ closeSeconds: 900 }, { of: 'at', at: channel.now + 60 })
    const before = channel.world.facts.length
    later(60)
    channel.hear('pia', '!in')
    for (let i = 0; i < 15; i++) later(60)
    const said = channel.saidSince(before).filter((line) => line.startsWith('“'))
    expect(said[0]).toContain('is open: a restored desk lamp. Type !in (free); it closes in 15 min. (Commitment ')
    expect(said.slice(1)).toEqual([
      '“Desk lamp”: 1 in so far. 10 min left. !in to be in.',
      '“Desk lamp”: 1 in so far. 5 min left. !in to be in.',
      '“Desk lamp”: 1 in so far. 1 min left. !in to be in.',
      '“Desk lamp” is closed: 1 person is in.',
    ])
    expect(raffle(id).status).toBe('closed')
  })

  test('closed by mistake, it is opened again until something is drawn', () => {
    const id = channel.raffle({ closeSeconds: 600 })
    channel.hear('pia', '!in')
    act(id, 'close')
    channel.now += 60
    expect(act(id, 'open').ok).toBe(true)
    expect(raffle(id)).toMatchObject({ status: 'open', closesAt: channel.now + 540 })
    channel.hear('jo', '!in')
    act(id, 'draw')
    expect(sentence(act(id, 'open'))).toBe('The draw has begun: it cannot be opened again.')
    later(8)
    expect(won(id)[0]?.total).toBe(200)
  })

  test('a time that was changed holds, the old one does nothing', () => {
    const id = channel.raffle({ closeSeconds: 600 })
    const settings = { ...raffle(id).settings, closeSeconds: 1200 }
    expect(channel.send({ kind: 'raffle.change', raffle: id, settings }).ok).toBe(true)
    later(601)
    expect(raffle(id).status).toBe('open')
    later(600)
    expect(raffle(id).status).toBe('closed')
  })

  test('the end that came while the bot was away gives two more minutes', () => {
    const id = channel.raffle({ closeSeconds: 600 })
    later(2000)
    expect(raffle(id)).toMatchObject({ status: 'open', closesAt: channel.now + 120 })
    later(121)
    expect(raffle(id).status).toBe('closed')
  })

  test('a clock that goes back loses nothing', () => {
    const id = channel.raffle({ price: 10, mostTickets: 5 })
    channel.hear('pia', '!in 2')
    channel.now -= 3600
    expect(last(channel.hear('jo', '!in 3'))).toContain('jo is in with 3 tickets')
    act(id, 'draw')
    later(10)
    expect(won(id)).toHaveLength(1)
    expect([channel.sum(), totalsOf(channel.world, id).people]).toEqual([0, 2])
  })

  test('closes with its show, and needs one', () => {
    const id = channel.raffle({ thisShow: true })
    channel.hear('pia', '!in')
    channel.send({ kind: 'show.end' })
    expect(raffle(id).status).toBe('closed')
    expect(() => channel.raffle({ thisShow: true, word: { word: 'two', aliases: [] } })).toThrow('we are off air')
  })
})

describe('words', () => {
  test('two raffles are open at once with different words; the same word waits', () => {
    const first = channel.raffle({ title: 'Lamp' })
    channel.raffle({ title: 'Radio', word: { word: 'radio', aliases: [] } })
    expect(() => channel.raffle({ title: 'Clock' })).toThrow('"!in" belongs to the raffle “Lamp”, which is open.')
    const planned = channel.raffle({ title: 'Clock' }, { of: 'at', at: channel.now + 60 })
    channel.hear('pia', '!in')
    expect(totalsOf(channel.world, first).people).toBe(1)
    later(60)
    expect(raffle(planned)).toMatchObject({
      status: 'planned',
      opensAt: null,
      why: expect.stringContaining('belongs to the raffle “Lamp”'),
    })
    act(first, 'close')
    expect(act(planned, 'open').ok).toBe(true)
    channel.hear('pia', '!in')
    expect(totalsOf(channel.world, planned).people).toBe(1)
  })

  test('are told apart from all other words', () => {
    channel.command({ word: 'lamp' })
    expect(() => channel.raffle({ word: { word: 'lamp', aliases: [] } })).toThrow('"!lamp" would mean two things')
    channel.raffle({ word: { word: 'ticket', aliases: [] } })
    expect(() => channel.command({ word: 'ticket' })).toThrow('the raffle “Desk lamp”')
  })
})

describe('the draw', () => {
  const three = (more = {}): number => {
    const id = channel.raffle({ price: 10, mostTickets: 10, free: { everyone: 0, standings: [] }, ...more })
    channel.hear('pia', '!in 5')
    channel.hear('jo', '!in 3')
    channel.hear('umbra', '!in 2')
    return id
  }
  const claim = (id: number): string => {
    const [waiting] = raffle(id).waiting
    channel.hear(waiting?.name ?? '', 'oh, that is me!')
    return waiting?.name ?? ''
  }

  test('closes, shows, names the winner with their chance, and waits for them to speak', () => {
    const id = three()
    const before = channel.world.facts.length
    expect(act(id, 'draw', 1)).toMatchObject({ ok: true, value: { status: 'closed', draws: 1 } })
    const [pick] = won(id)
    expect(pick).toMatchObject({ state: 'drawn', total: 1000 })
    expect(channel.facts('raffle.drawn').at(-1)?.body).toMatchObject({
      total: 1000,
      picks: [{ draw: 1, mark: pick?.point }],
    })
    expect(channel.saidSince(before).join()).not.toContain('is drawn for')
    later(8)
    const chance = { pia: '50 %', jo: '30 %', umbra: '20 %' }[pick?.name ?? '']
    expect(last(channel.saidSince(before))).toBe(
      `${pick?.name} is drawn for “Desk lamp”, with a chance of ${chance}. ${pick?.name}, say anything here within 1 min 30 s, and it is yours.`,
    )
    const name = claim(id)
    expect(won(id)[0]).toMatchObject({ state: 'won', line: 'oh, that is me!', claimedAt: channel.now, name })
    expect(last(channel.saidSince(before))).toBe(`${name} has spoken up: “Desk lamp” is won.`)
    expect(act(id, 'finish').ok).toBe(true)
    const { seed, commitment } = raffle(id)
    expect([commitmentOf(seed), roundSeedOf(readSetting(channel.world, seedSetting).seed, id)]).toEqual([
      commitment,
      seed,
    ])
    const entrants = channel.world.all(entries).sort((a, b) => a.nr - b.nr)
    const lines = recheck({ id, seed, commitment, entrants, winners: won(id) })
    expect(lines).toHaveLength(4)
    expect(lines.filter((line) => !agrees(line))).toEqual([])
    const wrong = recheck({ id, seed, commitment, entrants: entrants.slice(1), winners: won(id) })
    expect(wrong.every(agrees)).toBe(false)
    const spent = channel.world
      .appended(transfers)
      .filter(({ to, reason }) => to === BOOKS.spent && reason === 'ticketsSpent')
    expect(spent.map(({ amount }) => amount)).toEqual([100])
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('two who press at once make one draw', () => {
    const id = three({ winners: 2 })
    expect(act(id, 'draw', 1).ok).toBe(true)
    expect(sentence(act(id, 'draw', 1))).toBe('A draw is running: the winner is told in a moment.')
    later(8)
    expect(sentence(act(id, 'draw', 1))).toContain('Draw 1 has been made just now.')
    expect(won(id)).toHaveLength(1)
    expect(act(id, 'draw', 2).ok).toBe(true)
  })

  test('who does not speak up is out, and another is drawn by itself', () => {
    const id = three({ redraw: 'itself', claimSeconds: 30 })
    act(id, 'draw', 1)
    later(8)
    const first = raffle(id).waiting[0]?.name
    later(31)
    expect(won(id).map(({ state }) => state)).toEqual(['missed', 'drawn'])
    later(8)
    expect(raffle(id).waiting[0]?.name).not.toBe(first)
    channel.hear(first ?? '', 'sorry, I was away')
    expect(won(id)[0]?.state).toBe('missed')
    for (let i = 0; i < 4; i++) later(30)
    expect(won(id).map(({ state }) => state)).toEqual(['missed', 'missed', 'missed'])
    expect(sentence(act(id, 'draw', 4))).toContain('Everybody who was in “Desk lamp” has been drawn.')
  })

  test('a line that comes too late is too late, and the bot’s absence gives the time anew', () => {
    const id = three({ claimSeconds: 30 })
    act(id, 'draw')
    later(8)
    const name = raffle(id).waiting[0]?.name ?? ''
    channel.now += 31
    channel.hear(name, 'here')
    expect(won(id)[0]?.state).toBe('waiting')
    channel.now += 200
    channel.runTimers()
    expect(raffle(id).waiting[0]).toMatchObject({ name, until: channel.now + 30 })
    claim(id)
    expect(won(id)[0]?.state).toBe('won')
  })

  test('needs no word where none is asked for, and draws all at once', () => {
    const id = three({ winners: 3, draw: 'all', claimSeconds: 0, suspenseSeconds: 0, prize: { of: 'pot', share: 50 } })
    act(id, 'draw')
    expect(won(id).map(({ state, amount }) => [state, amount])).toEqual([
      ['won', 16],
      ['won', 16],
      ['won', 16],
    ])
    expect(sentence(act(id, 'draw', 4))).toBe('All winners have been drawn. Finish it.')
    later(901)
    expect(raffle(id).status).toBe('finished')
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('of fewer people than winners all win, and then nobody is left', () => {
    const id = three({ winners: 5, draw: 'all', claimSeconds: 0, suspenseSeconds: 0 })
    act(id, 'draw')
    expect(won(id)).toHaveLength(3)
    expect(sentence(act(id, 'draw', 4))).toContain('Everybody who was in')
    expect(act(id, 'finish').ok).toBe(true)
  })

  test('nobody can be drawn where nobody is in', () => {
    const id = channel.raffle()
    expect(sentence(act(id, 'draw'))).toBe(
      'Nobody is in “Desk lamp”, so there is nobody to draw. Wait for somebody, or call it off.',
    )
    expect(raffle(id).status).toBe('open')
  })

  test('whom the channel ignores is passed over, and the next is drawn with them on record', () => {
    const id = three({ suspenseSeconds: 0, claimSeconds: 0 })
    for (const name of ['pia', 'jo'])
      channel.send({ kind: 'people.ignore', viewers: [channel.viewer(name).id], ignored: true, by: 'wanda' } as never)
    act(id, 'draw')
    expect(won(id).at(-1)).toMatchObject({ name: 'umbra', state: 'won' })
    expect(
      won(id)
        .slice(0, -1)
        .every(({ state, name }) => state === 'passed' && name !== 'umbra'),
    ).toBe(true)
    const entrants = channel.world.all(entries).sort((a, b) => a.nr - b.nr)
    expect(recheck({ ...raffle(id), entrants, winners: won(id) }).every(agrees)).toBe(true)
  })

  test('passing over by hand needs a reason and leaves what was handed out alone', () => {
    const id = three()
    act(id, 'draw', 1)
    later(8)
    claim(id)
    const pass = (draw: number) =>
      channel.send({ kind: 'raffle.pass', raffle: id, draw, why: 'lives too far away', by: 'wanda' })
    expect(pass(1).ok).toBe(true)
    expect(won(id)[0]).toMatchObject({ state: 'passed', why: 'lives too far away (wanda)' })
    expect(act(id, 'draw', 2).ok).toBe(true)
    later(8)
    claim(id)
    channel.send({ kind: 'raffle.record', raffle: id, draw: 2, delivered: true, note: 'sent on Friday' })
    expect(won(id)[1]).toMatchObject({ note: 'sent on Friday', deliveredAt: channel.now })
    expect(sentence(pass(2) as never)).toContain('has the prize already')
  })

  test('a prize in currency is made for the winner, a code goes to them alone', () => {
    const coins = three({ prize: { of: 'currency', amount: 500 }, suspenseSeconds: 0, claimSeconds: 0 })
    act(coins, 'draw')
    expect(won(coins)[0]).toMatchObject({ amount: 500, deliveredAt: channel.now })
    const guide = channel.reward({ word: 'guide', name: 'Guide', kind: 'code' })
    channel.send({ kind: 'store.codes', reward: guide, codes: ['A-1'] })
    const two = { word: { word: 'guides', aliases: [] }, price: 0, mostTickets: 1, winners: 2, draw: 'all' as const }
    const codes = channel.raffle({ ...two, prize: { of: 'codes', reward: guide }, suspenseSeconds: 0, claimSeconds: 0 })
    channel.hear('bo', '!guides')
    channel.hear('fen', '!guides')
    const before = channel.world.facts.length
    act(codes, 'draw')
    expect(won(codes).map(({ code }) => code)).toEqual(['A-1', null])
    expect(channel.saidSince(before)).toContain(`to ${won(codes)[0]?.name}: Your code for “Desk lamp”: A-1`)
    expect(channel.sum()).toBe(0)
  })

  test('whoever won lately waits', () => {
    const id = three({ suspenseSeconds: 0, claimSeconds: 0 })
    act(id, 'draw')
    act(id, 'finish')
    const next = channel.raffle({ winnerDays: 7 })
    channel.now += 61
    expect(last(channel.hear(won(id)[0]?.name ?? '', '!in'))).toContain(
      'You won lately; you can enter again in 7 days.',
    )
    expect(totalsOf(channel.world, next).people).toBe(0)
  })
})

describe('calling off and taking out', () => {
  test('gives all money back, also to who paid twice', () => {
    const id = channel.raffle({ price: 10, mostTickets: 10 })
    channel.hear('pia', '!in 3')
    channel.hear('pia', '!in 3')
    channel.hear('jo', '!in max')
    expect(act(id, 'callOff').ok).toBe(true)
    expect(sentence(act(id, 'callOff'))).toContain('called off already')
    channel.runTimers()
    expect(raffle(id)).toMatchObject({ status: 'off', why: 'wanda called it off.' })
    expect([channel.balance('pia'), channel.balance('jo'), potsOf(channel), channel.sum()]).toEqual([1000, 1000, 0, 0])
    expect(sentence(act(id, 'draw'))).toContain('not there any more')
  })

  test('a winner who has the prize keeps it from being called off; undrawn money keeps it from being finished', () => {
    const id = channel.raffle({ price: 10, mostTickets: 3, suspenseSeconds: 0, claimSeconds: 0 })
    channel.hear('pia', '!in 2')
    act(id, 'close')
    expect(sentence(act(id, 'finish'))).toContain('Nobody has won what people paid for.')
    act(id, 'draw')
    expect(sentence(act(id, 'callOff'))).toContain('Somebody has won already.')
    expect(act(id, 'finish').ok).toBe(true)
  })

  test('somebody is taken out with the money and a reason, until the draw begins', () => {
    const id = channel.raffle({ price: 10, mostTickets: 3 })
    channel.hear('pia', '!in 3')
    channel.hear('jo', '!in 1')
    const remove = (name: string) =>
      channel.send({
        kind: 'raffle.remove',
        raffle: id,
        viewer: channel.viewer(name).id,
        why: 'second account',
        by: 'wanda',
      })
    const before = channel.world.facts.length
    expect(remove('pia')).toMatchObject({ ok: true, value: { back: 20 } })
    expect(channel.saidSince(before)).toEqual(['pia was taken out of “Desk lamp”: second account. 20 rivets are back.'])
    act(id, 'draw')
    expect(sentence(remove('jo') as never)).toContain('The draw has begun: who is in stays in.')
  })

  test('what people went by when they entered does not change', () => {
    const id = channel.raffle({ price: 10, mostTickets: 3 })
    const change = (more: object) =>
      channel.send({ kind: 'raffle.change', raffle: id, settings: { ...raffle(id).settings, ...more } })
    expect(change({ price: 5 })).toMatchObject({
      ok: false,
      refusal: { code: 'raffle_fixed', sentence: expect.stringContaining('The price cannot change once it is open') },
    })
    expect(change({ description: 'With a new shade.' }).ok).toBe(true)
  })
})

describe('running it in chat and by steps', () => {
  test('whoever may run it closes, draws and calls off in chat; for anybody else these are words', () => {
    const id = channel.raffle({
      run: { everyone: false, streamer: false, standings: [], rank: null, people: [channel.viewer('kit').id] },
    })
    channel.hear('pia', '!in draw')
    expect([raffle(id).status, totalsOf(channel.world, id).people]).toEqual(['open', 1])
    channel.hear('kit', '!in close')
    expect(raffle(id).status).toBe('closed')
    channel.hear('kit', '!in draw')
    expect(raffle(id).draws).toBe(1)
  })

  test('a kept set-up starts from a step, gives tickets, and its moments set triggers off', () => {
    channel.openSeed()
    const kept = channel.send({
      kind: 'raffle.saveSetup',
      setup: null,
      settings: { ...raffleSettings(), title: 'Radio' },
      digit: 3,
    })
    const setup = kept.ok ? Number(kept.value.setup) : 0
    channel.command({ word: 'go', steps: [{ do: 'raffle', how: 'start', setup }] })
    channel.command({ word: 'gift', steps: [{ do: 'tickets', setup, to: { of: 'caller' }, tickets: { fixed: 1 } }] })
    channel.trigger({ source: { of: 'raffleOpened', setup }, steps: [{ do: 'say', text: 'Now: {{ event.title }}!' }] })
    channel.trigger({
      source: { of: 'raffleEntered', setup: null },
      steps: [{ do: 'say', text: 'Welcome {{ viewer.name }}' }],
    })
    expect(last(channel.hear('pia', '!gift'))).toContain('The raffle “Radio” is not on.')
    channel.hear('pia', '!go')
    const before = channel.world.facts.length
    channel.hear('jo', '!gift')
    channel.runTimers()
    expect(channel.saidSince(before)).toEqual(['Now: Radio!', 'Welcome jo'])
  })
})

const raffleSettings = () => raffle(channel.raffle({ word: { word: 'other', aliases: [] } }, { of: 'hand' })).settings
