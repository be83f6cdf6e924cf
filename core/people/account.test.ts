import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { accountInWords, FORGOTTEN, isAccountName, keyOf, MERGED, NICK, refOf, signInAccount } from './account.ts'

const issuer = fc.constantFrom('', NICK, MERGED, FORGOTTEN, 'irc:chat.example')
const name = fc.oneof(
  fc.string({ unit: 'grapheme', minLength: 1, maxLength: 30 }),
  fc.constantFrom('nick/bob', 'merged/9', 'forgotten/9', 'nick bob', 'irc:chat.example', 'nick'),
)

test('no two accounts have one key, whatever a provider calls them', () => {
  fc.assert(
    fc.property(issuer, name, issuer, name, (oneIssuer, one, otherIssuer, other) => {
      fc.pre(isAccountName(one) && isAccountName(other))
      const [a, b] = [
        { issuer: oneIssuer, account: one },
        { issuer: otherIssuer, account: other },
      ]
      expect(keyOf(a) === keyOf(b)).toBe(oneIssuer === otherIssuer && one === other)
      expect(refOf(keyOf(a))).toEqual(a)
    }),
    { numRuns: 500 },
  )
})

test('what could pass for another issuer’s is no account name', () => {
  for (const bad of ['nick\nbob', 'a\0', 'a\r', '', 'x'.repeat(256)]) expect(isAccountName(bad)).toBe(false)
})

describe('a typed name', () => {
  /** Pia, who goes by her nick, and somebody whose account is called just so. */
  const twoPias = () => {
    const channel = new TestChannel()
    const as = (account: string, shown: string, text: string) =>
      channel.send({
        kind: 'chat.line',
        who: { account, name: shown, moderator: account === 'rosa' },
        text,
        privately: false,
      })
    as('pia_ohm', 'Pia', 'hello')
    as('rosa', 'Rosa', 'hello')
    return { channel, as }
  }
  const given = (channel: TestChannel, from: number) => channel.saidSince(from).join(' ')

  test('that could mean two people pays nobody and says so; a number means one', () => {
    const { channel, as } = twoPias()
    as('impostor', 'Pia', 'hello')
    const from = channel.facts().length
    as('rosa', 'Rosa', '!give @Pia 50 for the lamp')
    expect(given(channel, from)).toMatch(/"@Pia" could be Pia \(#\d+, account (pia_ohm|impostor)\) or Pia/)
    expect([channel.balance('pia_ohm'), channel.balance('impostor')]).toEqual([0, 0])
    as('rosa', 'Rosa', `!give @#${channel.viewer('pia_ohm').id} 50 for the lamp`)
    expect([channel.balance('pia_ohm'), channel.balance('impostor')]).toEqual([50, 0])
  })

  test('that is one’s account and another one’s display name pays neither', () => {
    const { channel, as } = twoPias()
    as('pia', 'Sly', 'hello')
    as('rosa', 'Rosa', '!give @Pia 50 for the lamp')
    expect([channel.balance('pia_ohm'), channel.balance('pia')]).toEqual([0, 0])
  })

  test('of one person only pays them', () => {
    const { channel, as } = twoPias()
    as('rosa', 'Rosa', '!give @Pia 50 for the lamp')
    expect(channel.balance('pia_ohm')).toBe(50)
  })
})

test('of somebody’s accounts the one is found by which they sign in, never one of a chat network or of ours', () => {
  const chat = keyOf({ issuer: 'irc:chat.example', account: 'pia' })
  const [guild, nick] = [keyOf({ issuer: 'guild', account: 'pia' }), keyOf({ issuer: 'nick', account: 'pia' })]
  expect(signInAccount([chat, nick])).toBeUndefined()
  expect(signInAccount([chat, guild])).toBe(guild)
  expect(signInAccount(['pia', guild])).toBe('pia')
  expect([guild, 'pia'].map(accountInWords)).toEqual(['pia (guild)', 'pia'])
})
