/** Controls, half letters, and marks that reverse text or have no width; what joins emoji and letters stays. */
const UNSEEN = /[\p{Cc}\p{Cs}\u061c\u200b\u200e\u200f\u2028\u2029\u202a-\u202e\u2060-\u2069\ufeff]/gu

/** What somebody typed as one line of plain text: no controls, nothing that turns other text round, no more than one space in a row. */
export const plainText = (typed: string): string =>
  typed
    .replace(/[\t-\r\u2028\u2029]/g, ' ')
    .replace(UNSEEN, '')
    .replace(/\s+/gu, ' ')
    .trim()
