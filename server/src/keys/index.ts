export { keyring, keySource, readKeys, writeKeys } from './file.ts'
export { Keyring, newKeys, parseKeys, printKeys, withNewKey } from './keyring.ts'
