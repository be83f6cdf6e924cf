import { beforeEach, describe, expect, test } from 'vitest'
import { potsOf } from '../../testing/core/evening.ts'
import { last, raffleEvening, sentence } from '../../testing/core/raffles.ts'
import { totalsOf } from './rows.ts'

let { channel, later, raffle, drawn, act } = raffleEvening()

beforeEach(() => {
  ;({ channel, later, raffle, drawn, act } = raffleEvening())
})

describe('the clock', () => {
  test('opens at its time, reminds, is closing soon, and closes', () => {
    const id = channel.raffle({ closeSeconds: 900 }, { of: 'at', at: channel.now + 60 })
    const before = channel.world.facts.length
    later(60)
    channel.hear('pia', '!in')
    for (let i = 0; i < 15; i++) later(60)
    const said = channel.saidSince(before).filter((line) => line.startsWith('“'))
    expect(said[0]).toContain('is open: a restored desk lamp. Type !in (free); it closes in 15 min.')
    expect(said.slice(1)).toEqual([
      '“Desk lamp”: 1 in so far. 10 min left. !in to be in.',
      '“Desk lamp”: 1 in so far. 5 min left. !in to be in.',
      '“Desk lamp”: 1 in so far. 1 min left. !in to be in.',
      '“Desk lamp” is closed: 1 person is in.',
    ])
    expect(raffle(id).status).toBe('closed')
  })

  test('its commitment is said as it opens where the streamer wants that, and stands on its page in any case', () => {
    const opened = () => {
      const before = channel.world.facts.length
      const id = channel.raffle({})
      const said = channel.saidSince(before).join(' ')
      const start = raffle(id).commitment.slice(0, 12)
      act(id, 'callOff')
      return { said, start }
    }
    const quiet = opened()
    expect(quiet.start).toHaveLength(12)
    expect(quiet.said).not.toContain(quiet.start)
    channel.send({ kind: 'chat.voice', voice: { commitments: true } })
    const loud = opened()
    expect(loud.said).toContain(`(Commitment ${loud.start})`)
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
    expect(drawn(id)[0]?.total).toBe(200)
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
    expect(drawn(id)).toHaveLength(1)
    expect([channel.sum(), totalsOf(channel.world, id).people]).toEqual([0, 2])
  })

  test('closes with its show, and needs one', () => {
    const id = channel.raffle({ thisShow: true })
    channel.hear('pia', '!in')
    channel.send({ kind: 'show.end' })
    expect(raffle(id).status).toBe('closed')
    expect(() => channel.raffle({ thisShow: true, word: { word: 'two', aliases: [] } })).toThrow('you are off air')
  })
})

describe('calling off and taking out', () => {
  test('gives all money back, also to who paid twice', () => {
    const id = channel.raffle({ price: 10, mostTickets: 10 })
    channel.hear('pia', '!in 3')
    channel.hear('pia', '!in 3')
    channel.hear('jo', '!in max')
    expect(act(id, 'callOff').ok).toBe(true)
    expect(sentence(act(id, 'callOff'))).toContain('already called off')
    expect(sentence(act(id, 'draw'))).toContain('was called off')
    channel.runTimers()
    expect(raffle(id)).toMatchObject({ status: 'off', why: 'wanda called it off.' })
    expect([channel.balance('pia'), channel.balance('jo'), potsOf(channel), channel.sum()]).toEqual([1000, 1000, 0, 0])
    expect(sentence(act(id, 'draw'))).toContain('no longer exists')
  })

  test('called off while a winner is waited for, nobody has won', () => {
    const id = channel.raffle({ price: 10, mostTickets: 3, suspenseSeconds: 0 })
    channel.hear('pia', '!in 3')
    act(id, 'draw')
    expect(drawn(id)[0]?.state).toBe('waiting')
    act(id, 'callOff')
    channel.runTimers()
    channel.hear('pia', 'here I am')
    expect(drawn(id)[0]).toMatchObject({ state: 'passed', why: 'called off' })
    expect([raffle(id).status, channel.balance('pia')]).toEqual(['off', 1000])
  })

  test('one that was never opened is called off, not finished', () => {
    const id = channel.raffle({}, { of: 'hand' })
    expect(sentence(act(id, 'finish'))).toContain('It was never opened.')
    expect(act(id, 'callOff').ok).toBe(true)
    expect(raffle(id).status).toBe('off')
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
    expect(channel.saidSince(before)).toEqual(['pia was removed from “Desk lamp”: second account. 20 rivets refunded.'])
    act(id, 'draw')
    expect(sentence(remove('jo') as never)).toContain('The draw has begun: everybody who is in stays in.')
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
    const setup = kept.ok ? kept.value.setup : 0
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
