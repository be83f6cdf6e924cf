import { randomBytes } from 'node:crypto'

/** The secret part of an overlay's address, which nobody can guess: 192 random bits. */
export const newSecret = (): string => randomBytes(24).toString('base64url')
