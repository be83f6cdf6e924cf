export { noteRunTime, timed } from './times.ts'
