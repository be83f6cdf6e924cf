import { type DestinationStream, type Logger, pino } from 'pino'

/** What never reaches a log, wherever in a record it stands: secrets, and what people say or are called. */
const HIDDEN = [
  'cookie',
  'authorization',
  'password',
  'secret',
  'signature',
  'code',
  'token',
  'text',
  'name',
  'account',
  'DATABASE_URL',
  'OIDC_CLIENT_SECRET',
  'CHAT_SASL_PASSWORD',
  'METRICS_TOKEN',
]

/** A message without what somebody sent: the query builder tells its parameters, PostgreSQL quotes what it cannot read. */
const withoutValues = (message: string): string =>
  message
    .replace(/\n?params: [\s\S]*$/, '')
    .replace(/(invalid input[^:]*: |value )"[\s\S]*?"(?=$|[\s,])/g, '$1"[hidden]"')

/** Errors of PostgreSQL quote rows in these; of an error only what it is and where it came from is kept. */
function plainError(err: unknown): object {
  if (!(err instanceof Error)) return { message: 'not an error' }
  const { name, stack } = err
  const code = (err as { code?: string }).code
  // A database's address may stand in a message, with its password.
  const message = withoutValues(err.message).replace(/\b(\w+:\/\/)[^\s@/]*@/g, '$1[hidden]@')
  return {
    type: name,
    message,
    ...(code !== undefined && { errorCode: code }),
    stack: stack
      ?.split('\n')
      .filter((line) => /^\s+at /.test(line))
      .join('\n'),
  }
}

/** The log: JSON lines on standard output, without secrets and without what people said. */
export function createLog(level: string, destination?: DestinationStream): Logger {
  const paths = HIDDEN.flatMap((name) => [name, `*.${name}`, `*.*.${name}`, `*.*.*.${name}`])
  const options = { level, redact: { paths, censor: '[hidden]' }, serializers: { err: plainError } }
  return destination === undefined ? pino(options) : pino(options, destination)
}
