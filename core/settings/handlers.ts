import { changeHome } from './home.ts'

/** How each intent of the channel’s settings is decided, by its kind. */
export const settingsHandlers = {
  'channel.home': changeHome,
}
