import { DecimalRow, FIGURES, FigureRow } from '../FigureRows.tsx'
import type { GameForm, GamePartProps } from '../form.ts'
import { WordFields } from '../WordFields.tsx'
import { WordPart } from '../WordPart.tsx'

/** A duel's words and times. */
const DuelPart = (props: GamePartProps<'duel'>) => (
  <div className="flex flex-col gap-5">
    <WordPart {...props} />
    <DuelFields {...props} />
  </div>
)

function DuelFields({ draft, put }: GamePartProps<'duel'>) {
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <WordFields label="To accept" word={draft.take} setWord={(take) => put({ take })} />
        <WordFields label="To decline" word={draft.pass} setWord={(pass) => put({ pass })} />
        <WordFields label="To withdraw a challenge" word={draft.withdraw} setWord={(withdraw) => put({ withdraw })} />
      </div>
      <div className={FIGURES}>
        <FigureRow
          label="Time to answer"
          value={draft.answerSeconds}
          unit="seconds"
          most={3600}
          least={10}
          onValue={(answerSeconds) => put({ answerSeconds })}
        />
        <FigureRow
          label="From acceptance to outcome"
          value={draft.suspenseSeconds}
          unit="seconds"
          most={30}
          none="at once"
          onValue={(suspenseSeconds) => put({ suspenseSeconds })}
        />
        <DecimalRow
          label="The house keeps of the pot"
          value={draft.rakeBp}
          unit="%"
          per={100}
          most={5000}
          onValue={(rakeBp) => put({ rakeBp })}
        />
      </div>
    </>
  )
}

export const duelForm: GameForm<'duel'> = { parts: [{ name: 'How it goes', Part: DuelPart }], Way: null }
