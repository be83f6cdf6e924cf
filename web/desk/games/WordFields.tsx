import { useState } from 'react'
import type { GameWord } from '#core/games'
import { INPUT, splitWords } from '../../parts/form/inputs.tsx'

interface WordFieldsProps {
  readonly label: string
  readonly word: GameWord
  readonly setWord: (word: GameWord) => void
}

/** A word of chat and others that mean the same, in one field: the first is the word. */
export function WordFields({ label, word, setWord }: WordFieldsProps) {
  const [typed, setTyped] = useState<string>()
  const shown = typed ?? [word.word, ...word.aliases].map((one) => `!${one}`).join(' ')
  const change = (text: string) => {
    setTyped(text)
    const [first, ...aliases] = splitWords(text).map((one) => one.toLowerCase().slice(0, 30))
    if (first !== undefined)
      setWord({ word: first, aliases: [...new Set(aliases)].filter((one) => one !== first).slice(0, 10) })
  }
  return (
    <label className="flex flex-col gap-1">
      <span>{label}</span>
      <input
        value={shown}
        onChange={(event) => change(event.target.value)}
        onBlur={() => setTyped(undefined)}
        className={`w-64 font-mono ${INPUT}`}
      />
    </label>
  )
}
