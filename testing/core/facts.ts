import { Ajv, type ValidateFunction } from 'ajv'
import { FACTS } from '../../core/engine/index.ts'
import type { DeclaredFact, Fact, FactKind } from '../../core/world/index.ts'

const ajv = new Ajv()
const checks = new Map<FactKind, ValidateFunction>()

function checkOf(kind: FactKind): ValidateFunction {
  const known = checks.get(kind)
  if (known !== undefined) return known
  const { body }: DeclaredFact = FACTS[kind]
  const made = ajv.compile(body)
  checks.set(kind, made)
  return made
}

/** @throws where a fact carries something else than is declared, or is told somebody whom its kind is not for. */
export function checkFact({ kind, audience, body }: Fact): void {
  const check = checkOf(kind)
  if (!check(body)) throw new Error(`The fact ${kind} is not as it is declared: ${ajv.errorsText(check.errors)}`)
  const listener = audience.startsWith('viewer:') ? 'viewer' : audience
  const { to }: DeclaredFact = FACTS[kind]
  if (!to.some((one) => one === listener)) throw new Error(`The fact ${kind} is not for ${audience}.`)
}
