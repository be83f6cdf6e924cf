/** Colours, bold, reset and the like, as chat programs put them into a text: https://modern.ircdocs.horse/formatting */
const FORMATTING =
  /\u0003(?:\d{1,2}(?:,\d{1,2})?)?|\u0004(?:[\da-f]{6}(?:,[\da-f]{6})?)?|[\u0002\u000f\u0011\u0016\u001d-\u001f]/gi

/** A line of chat without its formatting: a word typed in bold is the same word. */
export const unformatted = (text: string): string => text.replace(FORMATTING, '')
