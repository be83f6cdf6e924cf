import { Hono } from 'hono'
import { expect, test } from 'vitest'
import { chatRoutes } from './chatRoutes.ts'
import { ChatRoom } from './room.ts'

/** The texts that somebody's page gets when it opens its stream, up to so many. */
async function heard(app: Hono, as: string, most: number): Promise<string[]> {
  const answer = await app.request(`/api/events?as=${as}`)
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader()
  let all = ''
  const texts = () =>
    [...all.matchAll(/^data: (.+)$/gm)].map(([, json]) => (JSON.parse(json ?? '') as { text: string }).text)
  while (texts().length < most) all += (await reader?.read())?.value ?? ''
  await reader?.cancel()
  return texts()
}

test('who opens the page anew, or plays somebody else, is told the last lines: nothing said in between is missed', async () => {
  const room = new ChatRoom('#room')
  const app = new Hono()
  chatRoutes(app, [room], 'http://127.0.0.1/')
  const bot = { nick: 'bot', account: 'bot', operator: false }
  room.join(bot)
  room.say(bot, 'the cup begins')
  room.tell(bot, 'pia', 'for pia alone')
  room.tell(bot, 'jo', 'for jo alone')
  room.say(bot, 'pia wins')
  expect(await heard(app, 'Pia', 3)).toEqual(['the cup begins', 'for pia alone', 'pia wins'])
  expect(await heard(app, 'jo', 3)).toEqual(['the cup begins', 'for jo alone', 'pia wins'])
})
