import { createHash } from 'node:crypto'
import type { RedemptionReport } from '#core/triggers'
import type { Pool } from '../database/index.ts'
import { sendToPlatform } from './platform.ts'

/** What was decided about a redemption of the platform's own points. */
export interface RedemptionAnswer extends RedemptionReport {
  readonly channel: number
}

/**
 * Tells the platform what became of a redemption. The same redemption bears the same event id each time, so that a repeat is
 * known.
 * @throws where the platform does not take it: it is told again later.
 */
export async function reportRedemption(
  pool: Pool,
  url: string,
  source: string,
  answer: RedemptionAnswer,
): Promise<void> {
  if (url === '') return
  // The same each time it is sent, so that a repeat is known; only the time of sending is that of now.
  const what = `${answer.channel}/${answer.redemption}/${answer.status}`
  const response = await sendToPlatform(pool, url, answer.channel, {
    delivery: createHash('sha256').update(what).digest('base64url'),
    id: `redemption/${answer.redemption}`,
    source,
    type: `ricompensa.redemption.${answer.status}`,
    time: new Date(answer.at * 1000),
    data: { redemption: answer.redemption, why: answer.why },
  })
  if (response?.ok === false)
    throw new Error(`The platform answered ${response.status} to what became of a redemption.`)
}
