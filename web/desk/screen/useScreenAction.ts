import { useAction } from '../useAction.ts'

/** Changes something of the screen at once, and says so. */
export const useScreenAction = <T = unknown>() => useAction<T>(['screen'])
