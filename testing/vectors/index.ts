export type { Case } from './case.ts'
export { HOLDERS, wrongCases } from './hold.ts'
