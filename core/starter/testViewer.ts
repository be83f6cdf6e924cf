import { accounts, BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import { keyOf, meet, needWatch, TEST, viewers } from '../people/index.ts'
import { openRewards } from '../store/index.ts'
import { type Handler, ok } from '../world/index.ts'

export interface TryAsViewer {
  readonly kind: 'starter.tryAsViewer'
  /** What the test viewer's account is called: another in every channel. */
  readonly account: string
  readonly by: string
}

/** What a test viewer has at least, whatever rewards cost. */
const LEAST = 1000

/** Makes the test viewer known, and fills their wallet so that every reward can be bought twice. None of it is in any figure. */
export const tryAsViewer = {
  needs: (world, { account }) => needWatch(world, keyOf({ issuer: TEST, account })),
  decide(world, { account, by }) {
    const who = { issuer: TEST, account, name: 'Test viewer' }
    const { id } = world.put(viewers, { ...meet(world, who), ignored: true, unlisted: true })
    const wallet = world.get(accounts, id)
    if (wallet !== undefined && wallet.kind !== 'test') world.put(accounts, { ...wallet, kind: 'test' })
    const dearest = Math.max(0, ...openRewards(world).map(({ settings }) => settings.price))
    const amount = Math.max(LEAST, 2 * dearest) - balanceOf(world, id)
    if (amount > 0)
      transfer(world, {
        from: BOOKS.adjusted,
        to: id,
        amount,
        reason: 'adjusted',
        detail: { how: 'give', why: 'to try things', by },
      })
    return ok({ balance: balanceOf(world, id) })
  },
} satisfies Handler<TryAsViewer>
