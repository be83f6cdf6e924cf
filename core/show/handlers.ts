import { showGuest } from './guest.ts'
import { endShow, startShow } from './show.ts'

/** How each intent of the show is decided, by its kind. */
export const showHandlers = {
  'show.end': endShow,
  'show.guest': showGuest,
  'show.start': startShow,
}
