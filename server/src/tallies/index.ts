export { talliesOf, talliesOfViewer } from './read.ts'
export { tallyRoutes } from './routes.ts'
