import type { Game, SettingsOf } from '../games/index.ts'
import { type Environment, inOneLine, notReady, peopleReady, type Readiness } from '../runs/index.ts'

/** Whether a game can be played now, in chat and on the page, as a sentence with where to fix what is wrong. */
export function gameReady({ who, on, onAir }: SettingsOf[Game], around: Environment): Readiness {
  const found = peopleReady(who, on, onAir, around)
  if (!around.chatConnected)
    found.push(
      notReady('Chat is not connected: it is played on the viewer page alone.', '/connections', 'See the connection'),
    )
  else if (around.muted)
    found.push(notReady('The bot is muted: it is played, but nothing is said.', '/', 'Let it speak'))
  else if (around.silent.includes('games'))
    found.push(notReady('The bot is set to say nothing of games.', '/commands/voice', 'See its settings'))
  return inOneLine(found)
}
