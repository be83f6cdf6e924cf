import type { GameForm } from '../form.ts'
import { WordPart } from '../WordPart.tsx'
import { MachinePart } from './MachinePart.tsx'

export const reelsForm: GameForm<'reels'> = {
  parts: [
    { name: 'Reels and pay table', Part: MachinePart },
    { name: 'How it goes', Part: WordPart },
  ],
  Way: null,
}
