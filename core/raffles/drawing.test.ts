import { beforeEach, describe, expect, test } from 'vitest'
import { potsOf } from '../../testing/core/evening.ts'
import { last, raffleEvening, sentence } from '../../testing/core/raffles.ts'
import { commitmentOf, derivedSeed, seedSetting } from '../fairness/index.ts'
import { agrees } from '../games/index.ts'
import { BOOKS, transfers } from '../ledger/index.ts'
import { readSetting } from '../settings/index.ts'
import { recheck } from './check.ts'
import { raffleWins, totalsOf } from './rows.ts'

let { channel, later, raffle, drawn, entrants, act } = raffleEvening()

beforeEach(() => {
  ;({ channel, later, raffle, drawn, entrants, act } = raffleEvening())
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
    const [pick] = drawn(id)
    expect(pick).toMatchObject({ state: 'drawn', total: 1000 })
    expect(channel.facts('raffle.drawn').at(-1)?.body).toMatchObject({ total: 1000 })
    expect(channel.facts('raffle.drawn').at(-1)?.body).not.toHaveProperty('picks')
    expect(channel.facts('raffle.revealed')).toEqual([])
    expect(channel.saidSince(before).join()).not.toContain('is drawn for')
    later(8)
    expect(channel.facts('raffle.revealed').at(-1)?.body).toMatchObject({ picks: [{ draw: 1, mark: pick?.point }] })
    const chance = { pia: '50 %', jo: '30 %', umbra: '20 %' }[pick?.name ?? '']
    expect(last(channel.saidSince(before))).toBe(
      `${pick?.name} is drawn for “Desk lamp”, with a chance of ${chance}. ${pick?.name}, say anything here within 1 min 30 s to claim it.`,
    )
    const name = claim(id)
    expect(drawn(id)[0]).toMatchObject({ state: 'won', line: 'oh, that is me!', claimedAt: channel.now, name })
    expect(last(channel.saidSince(before))).toBe(`${name} has replied: “Desk lamp” is won.`)
    expect(act(id, 'finish').ok).toBe(true)
    const { seed, commitment } = raffle(id)
    expect(commitmentOf(seed)).toBe(commitment)
    expect(derivedSeed(readSetting(channel.world, seedSetting).seed, id)).not.toBe(seed)
    const list = entrants(id)
    const lines = recheck({ id, seed, commitment, entrants: list, winners: drawn(id) })
    expect(lines).toHaveLength(4)
    expect(lines.filter((line) => !agrees(line))).toEqual([])
    const wrong = recheck({ id, seed, commitment, entrants: list.slice(1), winners: drawn(id) })
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
    expect(sentence(act(id, 'draw', 1))).toBe('A draw is running: the winner is announced in a moment.')
    later(8)
    expect(sentence(act(id, 'draw', 1))).toContain('Draw 1 was just made.')
    expect(drawn(id)).toHaveLength(1)
    expect(act(id, 'draw', 2).ok).toBe(true)
  })

  test('who does not speak up is out, and another is drawn automatically', () => {
    const id = three({ redraw: 'itself', claimSeconds: 30 })
    act(id, 'draw', 1)
    later(8)
    const first = raffle(id).waiting[0]?.name
    later(31)
    expect(drawn(id).map(({ state }) => state)).toEqual(['missed', 'drawn'])
    later(8)
    expect(raffle(id).waiting[0]?.name).not.toBe(first)
    channel.hear(first ?? '', 'sorry, I was away')
    expect(drawn(id)[0]?.state).toBe('missed')
    for (let i = 0; i < 4; i++) later(30)
    expect(drawn(id).map(({ state }) => state)).toEqual(['missed', 'missed', 'missed'])
    expect(sentence(act(id, 'draw', 4))).toContain('Everybody who was in “Desk lamp” has been drawn.')
  })

  test('a line that comes too late is too late, and the bot’s absence gives the time anew', () => {
    const id = three({ claimSeconds: 30 })
    act(id, 'draw')
    later(8)
    const name = raffle(id).waiting[0]?.name ?? ''
    channel.now += 31
    channel.hear(name, 'here')
    expect(drawn(id)[0]?.state).toBe('waiting')
    channel.now += 200
    channel.runTimers()
    expect(raffle(id).waiting[0]).toMatchObject({ name, until: channel.now + 30 })
    claim(id)
    expect(drawn(id)[0]?.state).toBe('won')
  })

  test('needs no word where none is asked for, and draws all at once', () => {
    const id = three({ winners: 3, draw: 'all', claimSeconds: 0, suspenseSeconds: 0, prize: { of: 'pot', share: 50 } })
    act(id, 'draw')
    expect(drawn(id).map(({ state, amount }) => [state, amount])).toEqual([
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
    expect(drawn(id)).toHaveLength(3)
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
    expect(drawn(id).at(-1)).toMatchObject({ name: 'umbra', state: 'won' })
    expect(
      drawn(id)
        .slice(0, -1)
        .every(({ state, name }) => state === 'passed' && name !== 'umbra'),
    ).toBe(true)
    const list = entrants(id)
    expect(recheck({ ...raffle(id), entrants: list, winners: drawn(id) }).every(agrees)).toBe(true)
  })

  test('passing over by hand needs a reason and leaves what was handed out alone', () => {
    const id = three()
    act(id, 'draw', 1)
    later(8)
    claim(id)
    const pass = (draw: number) =>
      channel.send({ kind: 'raffle.pass', raffle: id, draw, why: 'lives too far away', by: 'wanda' })
    expect(pass(1).ok).toBe(true)
    expect(drawn(id)[0]).toMatchObject({ state: 'passed', why: 'lives too far away (wanda)' })
    const before = drawn(id)[0]?.viewer ?? 0
    expect(channel.world.get(raffleWins, before)).toMatchObject({ wins: 0, wonAt: 0 })
    expect(act(id, 'draw', 2).ok).toBe(true)
    later(8)
    claim(id)
    channel.send({ kind: 'raffle.record', raffle: id, draw: 2, delivered: true, note: 'sent on Friday' })
    expect(drawn(id)[1]).toMatchObject({ note: 'sent on Friday', deliveredAt: channel.now })
    expect(sentence(pass(2) as never)).toContain('already has the prize')
  })

  test('a prize in currency is made for the winner, a code goes to them alone', () => {
    const coins = three({ prize: { of: 'currency', amount: 500 }, suspenseSeconds: 0, claimSeconds: 0 })
    act(coins, 'draw')
    expect(drawn(coins)[0]).toMatchObject({ amount: 500, deliveredAt: channel.now })
    const guide = channel.reward({ word: 'guide', name: 'Guide', kind: 'code' })
    channel.send({ kind: 'store.codes', reward: guide, codes: ['A-1'] })
    const two = { word: { word: 'guides', aliases: [] }, price: 0, mostTickets: 1, winners: 2, draw: 'all' as const }
    const codes = channel.raffle({ ...two, prize: { of: 'codes', reward: guide }, suspenseSeconds: 0, claimSeconds: 0 })
    channel.hear('bo', '!guides')
    channel.hear('fen', '!guides')
    const before = channel.world.facts.length
    act(codes, 'draw')
    expect(drawn(codes).map(({ code }) => code)).toEqual(['A-1', null])
    expect(channel.saidSince(before)).toContain(`to ${drawn(codes)[0]?.name}: Your code for “Desk lamp”: {code}`)
    expect(channel.sum()).toBe(0)
  })

  test('an account that was merged wins for the person, who speaks up with the other one, once', () => {
    const id = three({ claimSeconds: 60, winners: 3, prize: { of: 'currency', amount: 70 } })
    const [pia, jo] = [channel.viewer('pia').id, channel.viewer('jo').id]
    channel.leave('pia')
    expect(channel.send({ kind: 'people.merge', from: pia, into: jo, by: 'wanda' } as never).ok).toBe(true)
    for (let draw = 1; draw <= 3; draw++) {
      act(id, 'draw', drawn(id).length + 1)
      later(8)
      channel.hear('jo', 'that is me')
      channel.hear('umbra', 'or me')
    }
    const winners = drawn(id).filter(({ state }) => state === 'won')
    expect(winners).toHaveLength(2)
    expect(winners.filter(({ viewer }) => viewer === pia || viewer === jo)).toHaveLength(1)
    expect([channel.balance('umbra'), channel.sum()]).toEqual([1000 - 20 + 70, 0])
  })

  test('whoever won lately waits', () => {
    const id = three({ suspenseSeconds: 0, claimSeconds: 0 })
    act(id, 'draw')
    act(id, 'finish')
    const next = channel.raffle({ winnerDays: 7 })
    channel.now += 61
    expect(last(channel.hear(drawn(id)[0]?.name ?? '', '!in'))).toContain(
      'You won recently; you can enter again in 7 days.',
    )
    expect(totalsOf(channel.world, next).people).toBe(0)
  })
})
