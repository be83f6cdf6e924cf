import pg from 'pg'
import type { Pool } from './connect.ts'

/** Who a server signs in to the database as: from its address. @throws if there is no name or password in it. */
export function roleOf(url: string): { readonly name: string; readonly password: string } {
  const { username, password } = new URL(url)
  if (username === '' || password === '')
    throw new Error('Put a name and a password into DATABASE_URL: the role is made with them.')
  return { name: decodeURIComponent(username), password: decodeURIComponent(password) }
}

/**
 * Makes the role that servers run as, or sets it right: it reads and writes rows, and can neither change the tables nor
 * switch off what keeps transfers as they were written. Of a transfer it may take the words away (forgetting a person), no more.
 * @param owner - Connections of the role that owns the tables; it must be allowed to make roles.
 */
export async function restrict(owner: Pool, role: { readonly name: string; readonly password: string }): Promise<void> {
  const name = pg.escapeIdentifier(role.name)
  const database = pg.escapeIdentifier((await owner.query('select current_database() as name')).rows[0].name)
  const [known] = (await owner.query('select * from pg_roles where rolname = $1', [role.name])).rows
  // Only a superuser may say anything of these, even that they stay as they are: of a role that has none they are left out.
  const taken = Object.keys(TOO_MUCH).filter((right) => known?.[right])
  const may = `login ${taken.map((right) => `no${TOO_MUCH[right]}`).join(' ')}`
  const statements = [
    `${known === undefined ? 'create' : 'alter'} role ${name} ${may} password ${pg.escapeLiteral(role.password)}`,
    `grant ${name} to current_user`,
    `revoke create on schema public from public`,
    `revoke all on database ${database} from public`,
    `grant connect on database ${database} to ${name}`,
    `grant usage on schema public, drizzle to ${name}`,
    `grant select, insert, update, delete on all tables in schema public to ${name}`,
    `grant usage, select on all sequences in schema public to ${name}`,
    `revoke update, delete on transfer from ${name}`,
    `grant update (detail, intent) on transfer to ${name}`,
    `grant select on drizzle.__drizzle_migrations to ${name}`,
    // The timers' tables are nobody's money: they are laid out, and changed by a newer version, by the servers themselves.
    `create schema if not exists graphile_worker authorization ${name}`,
    HAND_OVER_TIMERS(pg.escapeLiteral(role.name)),
  ]
  for (const statement of statements) await owner.query(statement)
}

/** What no server needs: a new role has none of it. */
const TOO_MUCH: Readonly<Record<string, string>> = {
  rolsuper: 'superuser',
  rolcreatedb: 'createdb',
  rolcreaterole: 'createrole',
  rolbypassrls: 'bypassrls',
  rolreplication: 'replication',
}

/** Timers that were laid out before there was a role for servers. */
const HAND_OVER_TIMERS = (role: string): string => `do $$
declare one record; role text := ${role};
begin
  execute format('alter schema graphile_worker owner to %I', role);
  for one in select oid::regclass as name, relkind from pg_class
    where relnamespace = 'graphile_worker'::regnamespace and relkind in ('r', 'v') loop
    execute format('alter table %s owner to %I', one.name, role);
  end loop;
  for one in select oid::regprocedure as name from pg_proc where pronamespace = 'graphile_worker'::regnamespace loop
    execute format('alter function %s owner to %I', one.name, role);
  end loop;
  for one in select oid::regtype as name from pg_type t where typnamespace = 'graphile_worker'::regnamespace and typtype = 'c'
    and exists (select 1 from pg_class c where c.oid = t.typrelid and c.relkind = 'c') loop
    execute format('alter type %s owner to %I', one.name, role);
  end loop;
end $$`
