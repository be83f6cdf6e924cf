import { Bolt, Cog, Coins, Droplet, Hexagon, KeyRound, Leaf, Sparkle } from 'lucide-react'
import type { Icon } from '#core/currency'

const ICONS = {
  rivet: Hexagon,
  bolt: Bolt,
  cog: Cog,
  coin: Coins,
  key: KeyRound,
  spark: Sparkle,
  leaf: Leaf,
  drop: Droplet,
}

/** The currency's picture; a rivet where none was chosen. */
export function CurrencyIcon({ icon = 'rivet', className }: { icon?: Icon | undefined; className?: string }) {
  const Shown = ICONS[icon]
  return <Shown aria-hidden="true" className={className} />
}
