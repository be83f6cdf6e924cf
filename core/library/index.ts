export { libraryHandlers } from './handlers.ts'
export {
  type AddMedia,
  addMedia,
  type RemoveAlert,
  type RemoveMedia,
  type RenameMedia,
  removeAlert,
  removeMedia,
  renameMedia,
} from './library.ts'
export { type Users, usesOfAlert, usesOfMedia } from './uses.ts'
