import { useAction } from '../../parts/form/useAction.ts'

/** Changes something of the store at once, and says so. */
export const useStoreAction = () => useAction(['store'])
