import { lists } from '#core/lists'
import { type Key, type Need, Rows, World } from '#core/world'
import { type Client, faultOf } from '../database/index.ts'
import { arrayLiteral } from './arrays.ts'
import { loadLists } from './lists.ts'
import { STORED, type Stored, storedAs } from './tables.ts'

/** A fresh world of a channel: its small tables in full, nothing of the large ones. */
export async function loadWorld(client: Client, channel: number, seq: number, lastId: number): Promise<World> {
  const rows = new Rows(false, lastId)
  for (const stored of STORED) {
    const { core, selectList, sqlName, loadWhere } = stored
    if (core.load !== 'whole') continue
    const text = `select ${selectList} from "${sqlName}" where channel = $1 and ${loadWhere}`
    const found = await client.query({ name: `load-${sqlName}`, text, values: [channel] })
    for (const row of found.rows) {
      const read = unsealed(stored, row)
      if (!stored.leaveOut || !isUnreadable(stored, read)) rows.set(core, read)
    }
  }
  return new World(rows, seq, lastId)
}

/** Loads what is asked for; asked again after each load, for as long as something is missing. */
export async function loadUntilThere(
  client: Client,
  channel: number,
  world: World,
  ask: () => readonly Need[],
): Promise<void> {
  for (;;) {
    const missing = ask().filter((need) => !world.rows.has(need))
    if (missing.length === 0) return
    for (const group of grouped(missing)) {
      if (group[0]?.table === lists) await loadLists(client, channel, world, group)
      else await loadGroup(client, channel, world, group)
    }
  }
}

function grouped(missing: readonly Need[]): Need[][] {
  const groups = new Map<string, Need[]>()
  for (const need of missing) {
    const name = `${need.table.name}.${need.lookup ?? ''}`
    const group = groups.get(name)
    if (group === undefined) groups.set(name, [need])
    else group.push(need)
  }
  return [...groups.values()]
}

async function loadGroup(client: Client, channel: number, world: World, group: readonly Need[]): Promise<void> {
  const [first] = group
  if (first === undefined) return
  const stored = storedAs(first.table)
  const { core, columns, selectList, sqlName } = stored
  const property = first.lookup ?? keyProperty(first)
  const { name: column, type, seal } = columns.find((one) => one.property === property) ?? {}
  const values: Key[] = [...new Set(group.map((need) => need.value))]
  // What is kept as a hash is looked for by its hash, and known in memory by what was looked for.
  const kept = seal === undefined ? values : values.map((value) => seal(value as never, {} as never))
  const text = `select wanted.place as "wanted/place", found.* from unnest($2::${type}[]) with ordinality as wanted (value, place)
    cross join lateral (select ${selectList} from "${sqlName}" where channel = $1 and "${column}" = wanted.value limit 1) as found`
  const found = await client.query({ name: `need-${sqlName}-${column}`, text, values: [channel, arrayLiteral(kept)] })
  for (const { 'wanted/place': place, ...row } of found.rows) {
    const wanted = seal === undefined ? {} : { [property]: values[Number(place) - 1] }
    world.rows.set(core, { ...unsealed(stored, row), ...wanted })
  }
  for (const need of group) world.rows.markAbsent(need)
}

/** A row as the rules have it, from what is kept. */
function unsealed({ columns }: Stored, row: Record<string, unknown>): object {
  for (const { property, unseal } of columns) {
    const value = row[property]
    if (unseal !== undefined && value !== null && value !== undefined)
      row[property] = unseal(value as never, row as never)
  }
  return row
}

/** Whether something else stands in for a part of a row. */
export const isUnreadable = ({ columns }: Pick<Stored, 'columns'>, row: object): boolean =>
  columns.some(({ plain }) => faultOf(plain(row)) !== undefined)

/** The property that is a table's key: it is the one its `key` reads. */
function keyProperty(need: Need): string {
  const { core, columns } = storedAs(need.table)
  const probe = Object.fromEntries(columns.map(({ property }) => [property, property]))
  return String(core.key(probe))
}
