import { connect } from '#server/database/index.ts'
import { keySource, readKeys, withNewKey, writeKeys } from '#server/keys/index.ts'
import { resealAll, sealedBy } from '#server/sealing/index.ts'

/**
 * `npm run keys -- rotate`: a new key in the keys file, and everything sealed anew with it. Servers that run meanwhile read the
 * file when they meet the new key. `npm run keys -- reseal`: after a new key was put first into ENCRYPTION_KEYS.
 * `npm run keys -- show`: which key has sealed how much. `npm run keys -- drop`: takes keys that seal nothing out of the file.
 */
async function main(): Promise<void> {
  const [action = 'show'] = process.argv.slice(2)
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('Set DATABASE_URL to the database whose values are sealed.')
  const source = keySource(process.env)
  if (action === 'rotate') {
    if ('text' in source)
      throw new Error(
        'The keys stand in ENCRYPTION_KEYS: put a new one first in there, then run "npm run keys -- reseal".',
      )
    writeKeys(source.file, withNewKey(readKeys(source)))
  }
  const pool = connect(url, 2)
  try {
    if (action === 'rotate' || action === 'reseal') console.log(`${await resealAll(pool)} values were sealed anew.`)
    const counts = await sealedBy(pool)
    if (action === 'drop') dropUnused(source, counts)
    const { sealing } = readKeys(source)
    for (const id of sealing.keys()) console.log(`${id}: ${counts[id] ?? 0} values`)
    if (counts.none) console.log(`not sealed: ${counts.none} values; they are at the next start of the server`)
  } finally {
    await pool.end()
  }
}

function dropUnused(source: ReturnType<typeof keySource>, counts: Readonly<Record<string, number>>): void {
  if ('text' in source) throw new Error('The keys stand in ENCRYPTION_KEYS: take those that seal nothing out of there.')
  const { lookup, sealing } = readKeys(source)
  const [current] = sealing.keys()
  const used = [...sealing].filter(([id]) => id === current || (counts[id] ?? 0) > 0)
  writeKeys(source.file, { lookup, sealing: new Map(used) })
}

main().catch((fault: unknown) => {
  console.error((fault as Error).message)
  process.exitCode = 1
})
