import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js'
import { inOrder } from './sameContent.ts'

/** A short name for what a setting says: the same for the same content, whatever order its fields came in. 32 hex digits. */
export const markOf = (content: unknown): string => bytesToHex(sha256(utf8ToBytes(inOrder(content)))).slice(0, 32)
