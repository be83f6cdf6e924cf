import { addMedia, removeAlert, removeMedia, renameMedia } from './library.ts'

/** How each intent of pictures and sounds is decided, by its kind. */
export const libraryHandlers = {
  'alert.remove': removeAlert,
  'media.add': addMedia,
  'media.remove': removeMedia,
  'media.rename': renameMedia,
}
