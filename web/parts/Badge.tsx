import { Anvil, Bolt, Circle, Cog, KeyRound, Lamp, Leaf, Mountain, Sprout, Star, Sun } from 'lucide-react'
import type { Badge as Shape } from '#core/ranks'

const SHAPES = {
  ...{ sprout: Sprout, leaf: Leaf, star: Star, sun: Sun, mountain: Mountain },
  ...{ washer: Circle, bolt: Bolt, cog: Cog, lamp: Lamp, key: KeyRound, anvil: Anvil },
}

/** A rank's badge: told apart by its shape, never by colour alone. */
export function Badge({ badge, className = 'size-4' }: { badge: Shape; className?: string }) {
  const Shown = SHAPES[badge]
  return <Shown aria-hidden="true" className={`shrink-0 text-brass-text ${className}`} />
}
