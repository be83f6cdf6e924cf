export { TallyRow } from './answers.ts'
export { talliesOf, talliesOfViewer } from './read.ts'
export { tallyRoutes } from './routes.ts'
