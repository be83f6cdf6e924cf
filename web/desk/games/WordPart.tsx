import type { Game } from '#core/games'
import type { GamePartProps } from './form.ts'
import { WordFields } from './WordFields.tsx'

/** What a game is called in chat. */
export const WordPart = <G extends Game>({ draft, put }: GamePartProps<G>) => (
  <WordFields
    label="Command and aliases"
    word={draft.word}
    setWord={(word) => put({ word } as Partial<GamePartProps<G>['draft']>)}
  />
)
