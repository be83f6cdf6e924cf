import { type Static, Type } from '@sinclair/typebox'
import { Ajv } from 'ajv'

const Environment = Type.Object({
  DATABASE_URL: Type.String({ pattern: '^postgres(ql)?://.+' }),
  PUBLIC_URL: Type.String({ pattern: '^https?://[^/]+$' }),
  PORT: Type.String({ pattern: '^[0-9]{1,5}$', default: '4000' }),
  HOST: Type.String({ default: '127.0.0.1' }),
  WEB_FOLDER: Type.String({ default: 'dist/web' }),
  MIGRATIONS_FOLDER: Type.String({ default: 'server/migrations' }),
  OIDC_ISSUER: Type.String({ pattern: '^https?://.+' }),
  /** What people know the provider by, where there are several; empty: its host. */
  OIDC_NAME: Type.String({ maxLength: 60, default: '' }),
  OIDC_CLIENT_ID: Type.String({ minLength: 1 }),
  /** Empty: the server shows who it is by a key, or by PKCE alone. */
  OIDC_CLIENT_SECRET: Type.String({ default: '' }),
  OIDC_CLIENT_KEY_FILE: Type.String({ default: '' }),
  OIDC_CLIENT_KEY_ID: Type.String({ default: '' }),
  OIDC_SCOPE: Type.String({ pattern: '^openid( .+)?$', default: 'openid profile' }),
  /** The claims that are somebody's account and name; no name: the usual ones. */
  OIDC_ACCOUNT_CLAIM: Type.String({ minLength: 1, default: 'sub' }),
  OIDC_NAME_CLAIM: Type.String({ default: '' }),
  CHAT_ADDRESS: Type.String({ pattern: '^(ircs?://.+)?$', default: '' }),
  CHAT_NICK: Type.String({ pattern: '^[A-Za-z][A-Za-z0-9_-]{0,29}$', default: 'Ricompensa' }),
  CHAT_SASL_ACCOUNT: Type.String({ default: '' }),
  CHAT_SASL_PASSWORD: Type.String({ default: '' }),
  /** Whether the bot may speak without being signed in, if the network does not take its account. */
  CHAT_SASL: Type.String({ pattern: '^(required|optional)$', default: 'required' }),
  CHAT_ROOM_KEY: Type.String({ pattern: '^[^\\s,]*$', default: '' }),
  /** The signs before a nick that make a moderator. */
  CHAT_MODERATORS: Type.String({ pattern: '^[~&@%+!*.]+$', default: '@&~' }),
  /** The network's service that puts out who sits on the bot's nick; `none`: there is none. */
  CHAT_NICK_SERVICE: Type.String({ pattern: '^[A-Za-z][A-Za-z0-9_-]{0,29}$', default: 'NickServ' }),
  /** A file with the certificate of the network's own authority. */
  CHAT_TLS_CA: Type.String({ default: '' }),
  /** Whether the chat network's accounts are those of the sign-in, or its own; empty: as this installation began. */
  CHAT_ACCOUNTS: Type.String({ pattern: '^(sign-in|own)?$', default: '' }),
  CHAT_CHANNEL: Type.String({ default: '' }),
  /** Where the platform takes answers to redemptions of its own points; empty: it is not told. */
  PLATFORM_ANSWERS_URL: Type.String({ pattern: '^(https?://.+)?$', default: '' }),
  /** Where the platform lets its own rewards be made, changed and removed; empty: they are only listed. */
  PLATFORM_REWARDS_URL: Type.String({ pattern: '^(https?://.+)?$', default: '' }),
  /** Whether webhooks may lead to machines of the operator's own, and without encryption. */
  WEBHOOKS_INSIDE: Type.String({ pattern: '^(yes|no)$', default: 'no' }),
  /** What wakes the feeds of other servers: PostgreSQL's notices (empty), or a NATS server. */
  BUS: Type.String({ pattern: '^((nats|tls)://.+)?$', default: '' }),
  /** Who may open a channel: one, with the code that the server prints; who has a code of the operator's; anybody. */
  CHANNELS: Type.String({ pattern: '^(claim|invited|open)$', default: 'claim' }),
  /** How many channels one account may have, where anybody may open one. */
  CHANNELS_EACH: Type.String({ pattern: '^[1-9][0-9]{0,2}$', default: '3' }),
  /** Accounts of those who run the installation, with commas between. */
  OPERATORS: Type.String({ default: '' }),
  /** Whether rooms that channels set may be on machines of the operator's own, and without encryption. */
  ROOMS_INSIDE: Type.String({ pattern: '^(yes|no)$', default: 'no' }),
  /** Whether several channels may sit in one room. */
  ROOMS_SHARED: Type.String({ pattern: '^(yes|no)$', default: 'no' }),
  TRUSTED_PROXIES: Type.String({ pattern: '^[0-9]$', default: '0' }),
  REQUESTS_PER_10S: Type.String({ pattern: '^[1-9][0-9]{0,8}$', default: '300' }),
  CHAT_ANSWERS_PER_10S: Type.String({ pattern: '^[1-9][0-9]{0,4}$', default: '7' }),
  CHAT_COMMANDS_PER_10S: Type.String({ pattern: '^[1-9][0-9]{0,3}$', default: '10' }),
  CHAT_LINES_PER_10S: Type.String({ pattern: '^[1-9][0-9]{0,9}$', default: '30' }),
  FEEDS_PER_ADDRESS: Type.String({ pattern: '^[1-9][0-9]{0,5}$', default: '60' }),
  /** For developers: `yes` holds every answer against what its route declares. */
  CHECK_ANSWERS: Type.String({ pattern: '^(yes|no)$', default: 'no' }),
  METRICS_TOKEN: Type.String({ pattern: '^(.{16,})?$', default: '' }),
  LOG_LEVEL: Type.String({ pattern: '^(trace|debug|info|warn|error|silent)$', default: 'info' }),
})

export type Config = Static<typeof Environment>

const check = new Ajv({ allErrors: true, useDefaults: true }).compile<Config>(Environment)

/**
 * Reads the configuration from the environment.
 * @throws With one plain line for each variable that is missing or wrong.
 */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const known = Object.keys(Environment.properties)
  const given: Record<string, unknown> = Object.fromEntries(
    known.filter((name) => environment[name]).map((name) => [name, environment[name]]),
  )
  if (check(given)) return given
  const lines = (check.errors ?? []).map(({ instancePath, params, message }) => {
    const name = 'missingProperty' in params ? params.missingProperty : instancePath.slice(1)
    return `- ${name} ${'missingProperty' in params ? 'is not set' : `${message}; it is "${given[name]}"`}`
  })
  throw new Error(`The server cannot start with this configuration:\n${lines.join('\n')}\nSee docs/operations.md.`)
}
