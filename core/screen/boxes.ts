import type { Piece } from './schema.ts'

// Only types are imported here: the overlay's page takes this and must stay small.

/** The overlays that would play an alert: those with a box for it that is not hidden. `alert` null: one that is in no list. */
export const playing = <T extends { readonly pieces: readonly Piece[] }>(
  all: readonly T[],
  alert: number | null,
): T[] => all.filter(({ pieces }) => pieces.some((piece) => !piece.hidden && takesAlert(piece, alert)))

/** Whether a piece plays an alert. */
export const takesAlert = (piece: Piece, alert: number | null): boolean =>
  piece.of === 'alerts' && (piece.which === 'all' || (alert !== null && piece.which.includes(alert)))
