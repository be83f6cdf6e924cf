import { getTableColumns, is } from 'drizzle-orm'
import { getTableConfig, type PgColumn, PgCustomColumn, type PgTable } from 'drizzle-orm/pg-core'
import { cooldowns } from '#core/access'
import { backings, betEvidence, bets, betTemplates, betTotals } from '#core/bets'
import { changes } from '#core/changes'
import { gaps, plans } from '#core/earning'
import { SETTINGS } from '#core/engine'
import { events, supporters, waitingTips } from '#core/events'
import { seeds } from '#core/fairness'
import { floors, players, rounds, seats } from '#core/games'
import { goals, goalTotals, parts } from '#core/goals'
import { accounts, flows, transfers } from '#core/ledger'
import { adjustments, aliases, barred, circles, habits, imports, notes, viewers, watches } from '#core/people'
import { cheers, entries, raffles, raffleWins, setups, totals, winners } from '#core/raffles'
import { ownVoices, rooms } from '#core/rooms'
import { runs } from '#core/runs'
import { alerts, media, overlays } from '#core/screen'
import { type SettingRow, settings } from '#core/settings'
import { shows } from '#core/show'
import { addresses, codeLists, codes, orders, rewardSales, rewards } from '#core/store'
import { tallies, tallyCounts } from '#core/tallies'
import { invitations, members, tokens } from '#core/team'
import { outsideRewards, redemptions, triggers } from '#core/triggers'
import { messages } from '#core/voice'
import { webhooks } from '#core/webhooks'
import { commands } from '#core/words'
import { keptOf, type Table } from '#core/world'
import { readKept, schema, unsealedSetting, withSeed } from '../database/index.ts'
import { keyring } from '../keys/index.ts'

/** How a table of the rules is kept in PostgreSQL: its columns in order, and the statements for it. */
export interface Stored {
  readonly core: Table<object>
  readonly columns: readonly StoredColumn[]
  /** The column that tells a channel's rows apart. */
  readonly key: StoredColumn
  readonly selectList: string
  readonly sqlName: string
  /** Only these rows of a `whole` table are loaded. */
  readonly loadWhere: string
  /** Whether a row of which something cannot be read is left out. */
  readonly leaveOut: boolean
  /** Bulk insert. $1 is the channel, $2 ... one array for each column. */
  readonly insert: string
}

export interface StoredColumn {
  readonly property: string
  readonly name: string
  readonly type: string
  readonly json: boolean
  /** The value of a row as the rules have it, for this column, before it is sealed or hashed. */
  readonly plain: (row: object) => unknown
  /** As it is written; undefined where that is how the rules have it. */
  readonly seal: ((plain: never, row: never) => unknown) | undefined
  /** As the rules have it, from what is kept. */
  readonly unseal: ((kept: never, row: never) => unknown) | undefined
}

interface Keeping {
  /** Only these rows of a `whole` table are loaded. */
  readonly where?: string
  /** A row of which something cannot be read is not loaded at all, for the rules must not act on what stands in for it. */
  readonly leaveOut?: true
  /** Columns that are made from another property of the row. */
  readonly madeFrom?: Readonly<Record<string, string>>
  /** How a value of a column is sealed, where a column type of its own does not say it. */
  readonly sealing?: Readonly<Record<string, Pick<StoredColumn, 'seal' | 'unseal'>>>
}

const propertyOf = (row: object, name: string): unknown => (row as Record<string, unknown>)[name]

/** What a column type of our own (sealed, hashed) does to a value on its way in and out. */
function sealingOf(column: PgColumn): Pick<StoredColumn, 'seal' | 'unseal'> {
  if (!is(column, PgCustomColumn)) return { seal: undefined, unseal: undefined }
  return { seal: (plain) => column.mapToDriverValue(plain), unseal: (kept) => column.mapFromDriverValue(kept) }
}

function kept<R extends object>(core: Table<R>, table: PgTable, keeping: Keeping | string = {}): Stored {
  const {
    where = 'true',
    madeFrom = {},
    sealing = {},
    leaveOut = false,
  } = typeof keeping === 'string' ? { where: keeping } : keeping
  const sqlName = getTableConfig(table).name
  const columns = Object.entries(getTableColumns(table))
    .filter(([property, column]) => property !== 'channel' && column.generated === undefined)
    .map(([property, column]) => ({
      property,
      name: column.name,
      json: column.getSQLType().startsWith('json'),
      type: column.getSQLType(),
      plain: (row: object) => propertyOf(row, madeFrom[property] ?? property),
      ...(sealing[property] ?? sealingOf(column)),
    }))
  const keys = getTableConfig(table).primaryKeys[0]?.columns.map((column) => column.name) ?? []
  const key = columns.find(({ name }) => keys.includes(name))
  if (key === undefined) throw new Error(`The table ${sqlName} has no key beside its channel.`)
  const names = columns.map(({ name }) => `"${name}"`)
  return {
    core: core as Table<object>,
    columns,
    key,
    // What is made from another property is no part of a row as the rules have it: whether two rows say the same must not depend on it.
    selectList: columns
      .filter(({ property }) => madeFrom[property] === undefined)
      .map(({ property, name }) => `"${name}" as "${property}"`)
      .join(', '),
    sqlName,
    loadWhere: where,
    leaveOut,
    insert: `insert into "${sqlName}" (channel, ${names}) select $1, * from ${unnested(columns)}`,
  }
}

const unnested = (columns: readonly StoredColumn[]): string =>
  `unnest(${columns.map(({ type }, i) => `$${i + 2}::${type}[]`)})`

/** Bulk update of some columns of rows found by key. $1 is the channel, $2 the keys, $3 ... one array for each column. */
export function updateOf({ sqlName, key }: Stored, columns: readonly StoredColumn[]): string {
  const names = [key, ...columns].map(({ name }) => `"${name}"`)
  const sets = columns.map(({ name }) => `"${name}" = new."${name}"`)
  return `update "${sqlName}" as old set ${sets} from ${unnested([key, ...columns])} as new (${names})
    where old.channel = $1 and old."${key.name}" = new."${key.name}"`
}

const GROUPS = new Map(SETTINGS.map((setting) => [setting.name, setting]))

/** How a group of settings is kept goes by its name. The open seed alone is secret: it is sealed within its JSON. */
const GROUP_OF_SETTINGS: Pick<StoredColumn, 'seal' | 'unseal'> = {
  seal(body: SettingRow['body'], { name }: Pick<SettingRow, 'name'>) {
    const group = GROUPS.get(name)
    const kept = group === undefined ? body : (keptOf(group, body) as SettingRow['body'])
    return withSeed(kept, (seed) => keyring().seal(seed, 'open.seed'))
  },
  unseal(body: SettingRow['body'], { name }: Pick<SettingRow, 'name'>) {
    const group = GROUPS.get(name)
    return group === undefined ? body : readKept(group, unsealedSetting(body))
  },
}

/** The show that has not ended, and the last one: it can go on. */
const LATEST_SHOWS = 'id = (select max(id) from show as last where last.channel = $1)'

/** What is in raffles that have not ended. */
const OF_RUNNING = 'id in (select r.id from raffle r where r.channel = $1 and r.ended_at is null)'

/** What is in bets that have not ended. */
const OF_RUNNING_BETS = 'id in (select b.id from bet b where b.channel = $1 and b.ended_at is null)'

/** What is in goals that have not ended. */
const OF_RUNNING_GOALS = 'id in (select g.id from goal g where g.channel = $1 and g.ended_at is null)'

/** In the order in which they are written: what others refer to comes first. */
export const STORED: readonly Stored[] = [
  kept(settings, schema.setting, { sealing: { body: GROUP_OF_SETTINGS } }),
  kept(shows, schema.show, LATEST_SHOWS),
  kept(circles, schema.circle, 'gone_at is null'),
  kept(changes, schema.change),
  kept(members, schema.member, 'gone_at is null'),
  kept(invitations, schema.invitation, 'gone_at is null'),
  kept(tokens, schema.token, 'gone_at is null'),
  kept(rooms, schema.room, 'gone_at is null'),
  kept(ownVoices, schema.ownVoice),
  kept(webhooks, schema.webhook, 'gone_at is null'),
  kept(tallies, schema.tally, 'gone_at is null'),
  kept(commands, schema.command, 'gone_at is null'),
  kept(outsideRewards, schema.outsideReward),
  kept(triggers, schema.trigger, 'gone_at is null'),
  kept(media, schema.media),
  kept(alerts, schema.alert, 'gone_at is null'),
  kept(rewards, schema.reward, 'gone_at is null'),
  kept(codeLists, schema.codeList),
  kept(setups, schema.raffleSetup, 'gone_at is null'),
  kept(raffles, schema.raffle, { where: 'ended_at is null', leaveOut: true }),
  kept(totals, schema.raffleTotals, OF_RUNNING),
  kept(cheers, schema.raffleCheer, OF_RUNNING),
  kept(betTemplates, schema.betTemplate, 'gone_at is null'),
  kept(bets, schema.bet, { where: 'ended_at is null', leaveOut: true }),
  kept(betTotals, schema.betTotals, OF_RUNNING_BETS),
  kept(goals, schema.goal, { where: 'ended_at is null', leaveOut: true }),
  kept(goalTotals, schema.goalTotals, OF_RUNNING_GOALS),
  kept(overlays, schema.overlay, { where: 'gone_at is null', madeFrom: { secretHash: 'secret' } }),
  kept(viewers, schema.viewer),
  kept(aliases, schema.alias),
  kept(barred, schema.barred),
  kept(watches, schema.watch),
  kept(habits, schema.habit),
  kept(accounts, schema.account),
  kept(orders, schema.storeOrder),
  kept(addresses, schema.orderAddress),
  kept(floors, schema.floor),
  kept(rounds, schema.round),
  kept(seats, schema.seat),
  kept(players, schema.player),
  kept(entries, schema.raffleEntry),
  kept(winners, schema.raffleWinner),
  kept(raffleWins, schema.raffleLuck),
  kept(betEvidence, schema.betEvidence),
  kept(backings, schema.backing),
  kept(parts, schema.goalPart),
  kept(rewardSales, schema.sold),
  kept(codes, schema.code),
  kept(flows, schema.flow),
  kept(transfers, schema.transfer),
  kept(events, schema.event),
  kept(adjustments, schema.adjustment),
  kept(notes, schema.note),
  kept(imports, schema.peopleImport),
  kept(supporters, schema.supporter),
  kept(waitingTips, schema.waitingTip),
  kept(gaps, schema.gap),
  kept(plans, schema.plan),
  kept(cooldowns, schema.cooldown),
  kept(tallyCounts, schema.tallyCount),
  kept(runs, schema.run),
  kept(redemptions, schema.redemption),
  kept(seeds, schema.seed),
  kept(messages, schema.message),
]

const byName = new Map(STORED.map((stored) => [stored.core.name, stored]))

export function storedAs(table: Table<object>): Stored {
  const stored = byName.get(table.name)
  if (stored === undefined) throw new Error(`The table ${table.name} of the rules is kept nowhere. Add it to STORED.`)
  return stored
}
