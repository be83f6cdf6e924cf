import type { GameForm, GamePartProps } from '../form.ts'
import { WordPart } from '../WordPart.tsx'

/** A cup's word; all else is said when one is opened. */
const CupPart = (props: GamePartProps<'cup'>) => (
  <div className="flex flex-col gap-5">
    <WordPart {...props} />
    <p className="text-muted">
      A cup is opened on its own page, with its places, entry and prize. Players answer its matches with the duel’s
      command to accept.
    </p>
  </div>
)

export const cupForm: GameForm<'cup'> = { parts: [{ name: 'How it goes', Part: CupPart }], Way: null, evening: false }
