import { beforeEach, describe, expect, test } from 'vitest'
import { potsOf } from '../../testing/core/evening.ts'
import { last, raffleEvening } from '../../testing/core/raffles.ts'
import { entries, totalsOf } from './rows.ts'

let { channel, later, raffle, act } = raffleEvening()

beforeEach(() => {
  ;({ channel, later, raffle, act } = raffleEvening())
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
    expect(last(channel.hear('pia', '!in leave'))).toBe('pia is out of “Desk lamp”. 60 rivets refunded.')
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
    expect(channel.facts('chat.replied').at(-1)?.body.text).toContain('A ticket of a moderator has weight 1.5.')
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
    expect(say('!uno')).toContain('for viewers who have watched 5 h or more; you need')
    channel.raffle({ word: { word: 'two', aliases: [] }, followDays: 10 })
    expect(say('!two')).toContain('for followers of 10 days; you do not follow yet.')
    channel.raffle({ word: { word: 'three', aliases: [] }, seen: { least: 2, of: 5 } })
    expect(say('!three')).toContain('2 of the last 5 shows for five minutes or more; you attended 0.')
    const nobody = { everyone: false, streamer: true, standings: [], rank: null, people: [] }
    channel.raffle({ word: { word: 'four', aliases: [] }, who: nobody })
    expect(say('!four')).toContain('This raffle is not open to you here.')
    channel.raffle({ word: { word: 'five', aliases: [] } }, { of: 'at', at: channel.now + 600 })
    expect(say('!five')).toContain('is not open yet. It opens in 8 min')
    channel.raffle({ word: { word: 'six', aliases: [] }, price: 2000, free: { everyone: 0, standings: [] } })
    expect(say('!six 1')).toContain('1 ticket costs 2,000 rivets; you have 1,000, 1,000 short.')
    expect(say('!six 1.5')).toContain('"1.5" is not a number of tickets.')
    expect(say('!six 999999999')).toContain('is not a number of tickets.')
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
