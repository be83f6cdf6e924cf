import { customType } from 'drizzle-orm/pg-core'
import { keyring } from '../keys/index.ts'

/**
 * A text that is sealed in the database (AES-256-GCM): readable only with the server's keys.
 * @param about - "table.column": what is sealed as one thing does not open as another.
 */
export const sealed = (name: string, about: string) =>
  customType<{ data: string; driverData: string }>({
    dataType: () => 'text',
    toDriver: (text) => keyring().seal(text, about),
    fromDriver: (value) => keyring().unseal(value, about),
  })(name)

/** A text that is kept as a keyed hash only: it can be looked for, and not be read. */
export const hashed = (name: string) =>
  customType<{ data: string; driverData: string }>({
    dataType: () => 'text',
    toDriver: (text) => keyring().lookupHash(text),
  })(name)
