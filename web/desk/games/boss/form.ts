import { CrowdWay } from '../CrowdWay.tsx'
import type { GameForm } from '../form.ts'
import { BossPart } from './BossPart.tsx'
import { StrengthPart } from './StrengthPart.tsx'

export const bossForm: GameForm<'boss'> = {
  parts: [
    { name: 'How it goes', Part: BossPart },
    { name: 'How strong it is', Part: StrengthPart },
  ],
  Way: CrowdWay,
}
