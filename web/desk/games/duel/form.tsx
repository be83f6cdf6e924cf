import { DecimalRow, FIGURES, FigureRow } from '../FigureRows.tsx'
import type { GameForm, GamePartProps } from '../form.ts'
import { WordFields } from '../WordFields.tsx'
import { WordPart } from '../WordPart.tsx'

/** A duel's words and times. */
const DuelPart = (props: GamePartProps<'duel'>) => (
  <div className="flex flex-col gap-5">
    <WordPart {...props} />
    <DuelFields draft={props.draft} set={props.put} />
  </div>
)

function DuelFields({ draft, set }: { draft: GamePartProps<'duel'>['draft']; set: GamePartProps<'duel'>['put'] }) {
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <WordFields label="To accept" word={draft.take} setWord={(take) => set({ take })} />
        <WordFields label="To decline" word={draft.pass} setWord={(pass) => set({ pass })} />
        <WordFields label="To withdraw a challenge" word={draft.withdraw} setWord={(withdraw) => set({ withdraw })} />
      </div>
      <div className={FIGURES}>
        <FigureRow
          label="Time to answer"
          value={draft.answerSeconds}
          unit="seconds"
          most={3600}
          least={10}
          onValue={(answerSeconds) => set({ answerSeconds })}
        />
        <FigureRow
          label="From acceptance to outcome"
          value={draft.suspenseSeconds}
          unit="seconds"
          most={30}
          none="at once"
          onValue={(suspenseSeconds) => set({ suspenseSeconds })}
        />
        <DecimalRow
          label="The house keeps of the pot"
          value={draft.rakeBp}
          unit="%"
          per={100}
          most={5000}
          onValue={(rakeBp) => set({ rakeBp })}
        />
      </div>
    </>
  )
}

export const duelForm: GameForm<'duel'> = { parts: [{ name: 'How it goes', Part: DuelPart }], Way: null }
