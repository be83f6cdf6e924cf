import { type Context, Hono } from 'hono'
import { bodyCheck, type InstallationRoute, problem, readAsked } from '../http/index.ts'
import { addressOf } from './address.ts'
import { NOBODY } from './caller.ts'
import type { Env } from './env.ts'
import { jsonOf } from './jsonOf.ts'
import type { Edge } from './parts.ts'

/** Whether an account is one of the installation's operators. */
export const isOperator = ({ config }: Pick<Edge, 'config'>, account: string): boolean =>
  account !== '' && config.OPERATORS.split(',').some((one) => one.trim() === account)

/** The addresses of the installation as a whole, each behind its declaration. */
export function installationApi(edge: Edge): Hono<Env> {
  const app = new Hono<Env>()
  for (const route of edge.installation) {
    const check = route.body === undefined ? undefined : bodyCheck(route.body)
    app.on(route.method, route.path, async (c) => answer(c, edge, route, check))
  }
  return app
}

async function answer(
  c: Context<Env>,
  edge: Edge,
  route: InstallationRoute,
  check: ((body: unknown) => void) | undefined,
): Promise<Response> {
  const { sessions, limits } = edge
  const caller = (await sessions.find(c, 'desk')) ?? NOBODY
  const operator = isOperator(edge, caller.account)
  if (route.allowed !== 'anyone' && caller === NOBODY) throw problem('not_signed_in')
  if (route.allowed === 'operator' && !operator) {
    note(c, edge, caller, 'refused', 'The operator’s page')
    throw problem('operator_only')
  }
  if (route.method !== 'get') await limits.change(caller.account)
  const body = check === undefined ? undefined : await jsonOf(c)
  check?.(body)
  const param = (name: string) => c.req.param(name) ?? ''
  const asked = readAsked(route.asks ?? {}, new URL(c.req.url).searchParams)
  const answered = await route.handle({ caller, operator, body, param, asked })
  if (route.secret) note(c, edge, caller, 'secret', route.does)
  return c.json(answered)
}

function note(
  c: Context<Env>,
  { security, config }: Edge,
  { account, name }: { readonly account: string; readonly name: string },
  kind: 'refused' | 'secret',
  what: string,
): void {
  security.note({ channel: null, kind, account, name, from: addressOf(c, Number(config.TRUSTED_PROXIES)), what })
}
