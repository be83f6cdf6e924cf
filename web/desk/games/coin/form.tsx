import { DecimalRow, FIGURES } from '../FigureRows.tsx'
import type { GameForm, GamePartProps } from '../form.ts'
import { WordPart } from '../WordPart.tsx'

/** The coin's word, and what the right side pays. */
const CoinPart = (props: GamePartProps<'coin'>) => (
  <div className="flex flex-col gap-5">
    <WordPart {...props} />
    <div className={FIGURES}>
      <DecimalRow
        label="The right side pays"
        value={props.draft.multiplier}
        unit="times the stake"
        per={100}
        least={1}
        most={10_000}
        onValue={(multiplier) => props.put({ multiplier })}
      />
    </div>
  </div>
)

export const coinForm: GameForm<'coin'> = { parts: [{ name: 'How it goes', Part: CoinPart }], Way: null }
