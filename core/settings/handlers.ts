import { changeChannel } from './channel.ts'
import { switchEconomy } from './economy.ts'
import { changeHome } from './home.ts'

/** How each intent of the channel’s settings is decided, by its kind. */
export const settingsHandlers = {
  'channel.change': changeChannel,
  'channel.home': changeHome,
  'economy.switch': switchEconomy,
}
