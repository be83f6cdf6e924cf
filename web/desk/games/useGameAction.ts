import { useAction } from '../../parts/form/useAction.ts'

/** Changes something of the games at once, and says so, or why not. */
export const useGameAction = () => useAction(['games', 'rounds', 'commands'])
