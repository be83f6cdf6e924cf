import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import type { OfferedKind } from './index.ts'
import { GIVES_UP_SECONDS, OFFERED, openWebhooks } from './index.ts'

const settings = (name: string, kinds: readonly OfferedKind[] = OFFERED) => ({
  name,
  address: 'https://example.org/hook',
  kinds: [...kinds],
})

/** A channel with a webhook, and what is to be delivered. */
function told(kinds?: readonly OfferedKind[]) {
  const channel = new TestChannel()
  const save = (name: string, webhook: number | null = null) =>
    channel.send({ kind: 'webhook.save', webhook, settings: settings(name, kinds), secret: `secret of ${name}` })
  save('One')
  const one = () => {
    const [found] = openWebhooks(channel.world)
    if (found === undefined) throw new Error('There is no webhook.')
    return found
  }
  const due = () =>
    channel.world.timers.flatMap((timer) => ('job' in timer && timer.job === 'webhook.deliver' ? [timer] : []))
  return { channel, save, one, due }
}

describe('a webhook', () => {
  test('is told of the kinds it wants, of each once, as the channel numbered it', () => {
    const { channel, due, one } = told(['show.started', 'show.ended'])
    channel.send({ kind: 'show.start', title: 'Bench' })
    channel.send({ kind: 'show.end' })
    expect(due().map(({ data }) => data)).toMatchObject([
      { webhook: one().id, kind: 'show.started', body: { title: 'Bench' } },
      { webhook: one().id, kind: 'show.ended' },
    ])
    expect(new Set(due().map(({ key }) => key)).size).toBe(2)
    expect(due()[0]?.queue).toBe(due()[1]?.queue)
  })

  test('is told nothing of what was refused, while it is paused, and once it is gone', () => {
    const { channel, due, one } = told()
    channel.send({ kind: 'show.end' })
    expect(due()).toEqual([])
    channel.send({ kind: 'webhook.pause', webhook: one().id, paused: true })
    channel.send({ kind: 'show.start', title: 'Bench' })
    expect(due()).toEqual([])
    channel.send({ kind: 'webhook.pause', webhook: one().id, paused: false })
    channel.send({ kind: 'show.end' })
    expect(due()).toHaveLength(1)
    channel.send({ kind: 'webhook.remove', webhook: one().id })
    channel.send({ kind: 'show.start', title: 'Bench' })
    expect(due()).toHaveLength(1)
  })

  test('keeps its secret when it is changed, and has a name of its own', () => {
    const { channel, save, one } = told()
    expect(save('one')).toMatchObject({ ok: false, refusal: { code: 'webhook_invalid' } })
    expect(save('Other', one().id)).toMatchObject({ ok: true, value: { secret: 'secret of One' } })
    for (let i = 0; i < 9; i++) save(`Hook ${i}`)
    expect(save('One too many')).toMatchObject({ ok: false, refusal: { code: 'webhook_invalid' } })
    expect(openWebhooks(channel.world)).toHaveLength(10)
  })

  test('pauses after a day on which nothing arrived, and not before; what arrives ends that day', () => {
    const { channel, one } = told()
    const heard = (arrived: boolean) => channel.send({ kind: 'webhook.told', webhook: one().id, arrived })
    heard(false)
    const since = one().failingSince
    expect(since).toBe(channel.now)
    channel.now += GIVES_UP_SECONDS - 1
    heard(false)
    expect(one()).toMatchObject({ failingSince: since, pausedAt: null })
    heard(true)
    expect(one()).toMatchObject({ failingSince: null, pausedAt: null })
    heard(false)
    channel.now += GIVES_UP_SECONDS
    heard(false)
    expect(one()).toMatchObject({ pausedAt: channel.now })
    channel.send({ kind: 'webhook.save', webhook: one().id, settings: settings('One'), secret: '' })
    expect(one()).toMatchObject({ failingSince: null, pausedAt: null })
  })
})
