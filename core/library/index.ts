export { libraryHandlers } from './handlers.ts'
export type {
  AddMedia,
  RemoveAlert,
  RemoveMedia,
  RenameMedia,
} from './library.ts'
export { usesOfAlert, usesOfMedia } from './uses.ts'
