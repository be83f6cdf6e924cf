import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import {
  ALL_RIGHTS,
  AREAS,
  beyond,
  INVITATION_SECONDS,
  LEVELS,
  may,
  NO_RIGHTS,
  READY_SETS,
  type Rights,
  rightsInWords,
} from './index.ts'
import { members, openMembers } from './members.ts'

const OWNER = { account: 'wanda', owner: true }
const [RUNNER, KEEPER, PARTNER] = READY_SETS.map(({ rights }) => rights) as [Rights, Rights, Rights]

const invite = (channel: TestChannel, more: object = {}) =>
  channel.send({
    kind: 'team.invite',
    ...{ by: OWNER, hash: 'h1', whom: 'Rosa', account: null, rights: RUNNER, until: null },
    ...more,
  })
const join = (channel: TestChannel, account = 'rosa', hash = 'h1') =>
  channel.send({ kind: 'team.join', hash, who: { account, name: account, owner: account === 'wanda' } })
const team = (channel: TestChannel) =>
  openMembers(channel.world).map(({ account, rights }) => [account, rightsInWords(rights)])

/** A channel with rosa as a helper. */
function withHelper(rights: Rights = RUNNER): { channel: TestChannel; rosa: number } {
  const channel = new TestChannel()
  invite(channel, { rights })
  join(channel)
  return { channel, rosa: channel.world.all(members)[0]?.id ?? 0 }
}

describe('an owner', () => {
  const owner = (channel: TestChannel, member: number, by: object, is = true) =>
    channel.send({ kind: 'team.owner', by: by as typeof OWNER, member, owner: is })

  test('is made by an owner alone, and is touched by owners alone', () => {
    const { channel, rosa } = withHelper(PARTNER)
    invite(channel, { hash: 'h2', rights: ALL_RIGHTS })
    join(channel, 'otto', 'h2')
    const otto = { account: 'otto', owner: false }
    expect(owner(channel, rosa, otto)).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(owner(channel, rosa, OWNER)).toMatchObject({ ok: true, value: { account: 'rosa' } })
    const change = { kind: 'team.change', member: rosa, rights: RUNNER, until: null } as const
    expect(channel.send({ ...change, by: otto })).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(channel.send({ kind: 'team.end', by: otto, member: rosa })).toMatchObject({
      refusal: { code: 'rights_beyond' },
    })
    expect(owner(channel, rosa, { account: 'rosa', owner: true }, false)).toMatchObject({ ok: true })
    expect(channel.send({ kind: 'team.end', by: otto, member: rosa })).toMatchObject({ ok: true })
  })

  test('has no last day, and may leave: whoever opened the channel stays', () => {
    const { channel, rosa } = withHelper()
    channel.send({ kind: 'team.change', by: OWNER, member: rosa, rights: RUNNER, until: channel.now + 60 })
    owner(channel, rosa, OWNER)
    channel.now += 100
    expect(openMembers(channel.world)).toMatchObject([{ account: 'rosa', owner: true, until: null }])
    expect(channel.send({ kind: 'team.leave', account: 'rosa' })).toMatchObject({ ok: true })
    expect(channel.send({ kind: 'team.leave', account: 'wanda' })).toMatchObject({ ok: false })
  })
})

describe('an invitation', () => {
  test('lets one person join, once', () => {
    const channel = new TestChannel()
    expect(invite(channel)).toMatchObject({ ok: true })
    expect(join(channel)).toMatchObject({ ok: true })
    expect(team(channel)).toEqual([['rosa', 'Runner']])
    expect(join(channel, 'otto')).toMatchObject({ refusal: { code: 'invitation_used' } })
  })

  test('is for one account where it says so, for a week, and until it is taken back', () => {
    const channel = new TestChannel()
    invite(channel, { account: 'rosa' })
    expect(join(channel, 'otto')).toMatchObject({ refusal: { code: 'invitation_other' } })
    channel.now += INVITATION_SECONDS
    expect(join(channel)).toMatchObject({ refusal: { code: 'invitation_over' } })
    const made = invite(channel, { hash: 'h2' })
    const invitation = Number(made.ok && (made.value as { invitation: number }).invitation)
    expect(channel.send({ kind: 'team.takeBack', invitation })).toMatchObject({ ok: true })
    expect(join(channel, 'rosa', 'h2')).toMatchObject({ refusal: { code: 'invitation_not_found' } })
    expect(channel.send({ kind: 'team.takeBack', invitation })).toMatchObject({ ok: false })
  })

  test('is not used up by who is in the team already, and there are not any number of them', () => {
    const channel = new TestChannel()
    invite(channel)
    expect(join(channel, 'wanda')).toMatchObject({ refusal: { code: 'member_already' } })
    expect(join(channel)).toMatchObject({ ok: true })
    for (let i = 0; i < 50; i++) expect(invite(channel, { hash: `more${i}` })).toMatchObject({ ok: true })
    expect(invite(channel, { hash: 'last' })).toMatchObject({ refusal: { code: 'invitation_full' } })
  })
})

describe('a member', () => {
  test('may do what they may until their time is over, they leave, or are taken out', () => {
    const channel = new TestChannel()
    invite(channel, { until: channel.now + 100 })
    join(channel)
    expect(team(channel)).toEqual([['rosa', 'Runner']])
    channel.now += 100
    channel.hear('Pia', 'hello')
    expect(team(channel)).toEqual([])
    const { channel: other, rosa } = withHelper()
    expect(other.send({ kind: 'team.leave', account: 'rosa' })).toMatchObject({ ok: true })
    expect(other.send({ kind: 'team.leave', account: 'rosa' })).toMatchObject({ refusal: { code: 'member_not_found' } })
    expect(other.send({ kind: 'team.end', by: OWNER, member: rosa })).toMatchObject({
      refusal: { code: 'member_not_found' },
    })
    invite(other, { hash: 'h2' })
    expect(join(other, 'rosa', 'h2')).toMatchObject({ ok: true })
    expect(team(other)).toEqual([['rosa', 'Runner']])
  })

  test('gives nobody more than they have themselves, and touches nobody who has more', () => {
    const mayInvite = { ...KEEPER, areas: { ...KEEPER.areas, team: 'change' as const } }
    const { channel, rosa } = withHelper(mayInvite)
    const by = { account: 'rosa', owner: false }
    expect(invite(channel, { hash: 'h2', by, rights: RUNNER })).toMatchObject({ ok: true })
    expect(invite(channel, { hash: 'h3', by, rights: PARTNER })).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(channel.send({ kind: 'team.change', by, member: rosa, rights: ALL_RIGHTS, until: null })).toMatchObject({
      refusal: { code: 'rights_beyond' },
    })
    invite(channel, { hash: 'h4', rights: PARTNER })
    join(channel, 'otto', 'h4')
    const otto = channel.world.all(members).find(({ account }) => account === 'otto')?.id ?? 0
    expect(channel.send({ kind: 'team.end', by, member: otto })).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(invite(channel, { hash: 'h5', by: { account: 'nobody', owner: false } })).toMatchObject({ ok: false })
  })

  test('adjusts balances by no more than is stated', () => {
    const { channel } = withHelper()
    channel.hear('Pia', 'hello')
    const adjust = (how: 'give' | 'take' | 'set', amount: number, of: 'balance' | 'hours' = 'balance') =>
      channel.send({
        kind: 'people.adjust',
        ...{ viewers: [channel.viewer('Pia').id], of, how, amount, why: '', by: 'rosa', mostAdjusted: 100 },
      })
    expect(adjust('give', 101)).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(adjust('give', 100)).toMatchObject({ ok: true })
    expect(adjust('set', 5000)).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(adjust('take', 5000)).toMatchObject({ refusal: { code: 'rights_beyond' } })
    expect(adjust('give', 7200, 'hours')).toMatchObject({ ok: true })
  })
})

test('who may adjust at the desk may in chat, by as much; whose role may, and owners, by any amount', () => {
  const { channel, rosa } = withHelper({ ...KEEPER, mostAdjusted: 100 })
  for (const name of ['Rosa', 'Pia']) channel.hear(name, 'hello')
  channel.hear('Rosa', '!give @pia 100')
  expect(channel.balance('Pia')).toBe(100)
  channel.hear('Rosa', '!give @pia 101')
  channel.hear('Rosa', '!set @pia 5000')
  channel.hear('Pia', '!give @pia 50')
  expect(channel.balance('Pia')).toBe(100)
  channel.send({ kind: 'team.owner', by: OWNER, member: rosa, owner: true })
  channel.hear('Rosa', '!give @pia 101')
  expect(channel.balance('Pia')).toBe(201)
  channel.send({ kind: 'team.leave', account: 'rosa' })
  channel.hear('Rosa', '!give @pia 50')
  expect(channel.balance('Pia')).toBe(201)
})

const rights: fc.Arbitrary<Rights> = fc
  .tuple(
    fc.array(fc.constantFrom(...LEVELS), { minLength: AREAS.length, maxLength: AREAS.length }),
    fc.option(fc.nat(5000)),
  )
  .map(([levels, mostAdjusted]) => ({
    areas: Object.fromEntries(AREAS.map((area, i) => [area, levels[i]])) as Rights['areas'],
    mostAdjusted,
  }))

test('rights that go no further than others let nobody do what those do not', () => {
  fc.assert(
    fc.property(rights, rights, fc.constantFrom(...AREAS), fc.constantFrom(...LEVELS), (wanted, own, area, level) => {
      if (Object.keys(beyond(wanted, own)).length === 0)
        expect(!may(wanted, area, level) || may(own, area, level)).toBe(true)
      expect(beyond(own, own)).toEqual({})
      expect(beyond(NO_RIGHTS, own)).toEqual({})
      expect(beyond(own, ALL_RIGHTS)).toEqual({})
    }),
  )
})

test('rights are told by the name of their set, or by what they hold', () => {
  expect(rightsInWords(PARTNER)).toBe('Partner')
  expect(rightsInWords(NO_RIGHTS)).toBe('nothing')
  expect(rightsInWords({ ...NO_RIGHTS, areas: { ...NO_RIGHTS.areas, raffles: 'act', store: 'look' } })).toBe(
    'may act: Raffles; may look: Store',
  )
})
