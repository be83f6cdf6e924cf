import { CrowdWay } from '../CrowdWay.tsx'
import type { GameForm } from '../form.ts'
import { ScramblePart } from './ScramblePart.tsx'

export const scrambleForm: GameForm<'scramble'> = {
  parts: [{ name: 'How it goes', Part: ScramblePart }],
  Way: CrowdWay,
}
