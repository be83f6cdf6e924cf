import { useAction } from '../useAction.ts'

/** Changes something of the store at once, and says so. */
export const useStoreAction = () => useAction(['store'])
