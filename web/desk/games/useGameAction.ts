import { type ActionOptions, useAction } from '../../parts/form/useAction.ts'

/** Changes something of the games at once, and says so, or why not. */
export const useGameAction = (options?: ActionOptions) => useAction(['games', 'rounds', 'commands'], options)
