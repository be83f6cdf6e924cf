import { useAction } from '../../parts/form/useAction.ts'

/** Changes something of the screen at once, and says so. */
export const useScreenAction = <T = unknown>() => useAction<T>(['screen'])
