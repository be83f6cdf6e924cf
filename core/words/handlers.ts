import { changeCurrency, changeWords } from './words.ts'

/** How each intent of the words of chat is decided, by its kind. */
export const wordHandlers = {
  'chat.words': changeWords,
  'currency.change': changeCurrency,
}
