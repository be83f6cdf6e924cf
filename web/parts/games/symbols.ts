// Nothing is imported here: the overlay's page takes this and must stay small.

/** The symbols that ship with the product, drawn by us: web/public/pictures/symbols. */
export const DRAWN_SYMBOLS = [
  ...['star', 'sun', 'bell', 'drop', 'leaf'],
  ...['rivet', 'cog', 'clock', 'radio', 'lamp', 'spanner', 'key', 'spark'],
] as const
