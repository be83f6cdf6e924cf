import { restInWords } from '#core/store'
import { useNow } from '../../parts/time.ts'
import { type Reward, useChannel } from '../channel.ts'

type Why = NonNullable<Reward['why']>

/** Why a reward cannot be bought now, a rest counted down. */
export function WhyNot({ name, why: { code, until, sentence } }: { name: string; why: Why }) {
  if (until === null || (code !== 'rests' && code !== 'rests_own')) return sentence
  return <Rests name={name} code={code} until={until} />
}

function Rests({ name, code, until }: { name: string; code: 'rests' | 'rests_own'; until: number }) {
  const now = useNow(useChannel().ahead)
  return restInWords(code, name, Math.max(1, Math.ceil(until - now)))
}
