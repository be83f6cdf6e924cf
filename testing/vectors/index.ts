export { type Case, HOLDERS, wrongCases } from './hold.ts'
