import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { keyOf } from '../../parts/queryKey.ts'

/** An order as the desk shows it; `posted`: there is an address to send it to. */
export type DeskOrder = Answer<'/desk/orders'>['orders'][number]

export const ordersQuery = queryOptions({
  queryKey: keyOf('orders'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/orders', { signal })),
})

export type OrderAction = 'done' | 'give-back' | 'reopen' | 'take' | 'leave'

interface Acting {
  readonly order: DeskOrder
  readonly action: OrderAction
  /** What the buyer is told. */
  readonly message?: string
}

const ENDS: ReadonlySet<OrderAction> = new Set(['done', 'give-back'])

function sendAction(order: number, action: OrderAction, message: string | undefined): Sent<unknown> {
  const params = { path: { order } }
  if (action !== 'done') return api.POST(`/desk/orders/{order}/${action}`, { params })
  return api.POST('/desk/orders/{order}/done', { params, body: message ? { message } : {} })
}

/** Does something with an order. A card that is ended leaves at once; a refusal brings it back. */
export function useOrderAction() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ order, action, message }: Acting) => answerOf(sendAction(order.id, action, message)),
    onMutate: async ({ order, action }) => {
      await client.cancelQueries(ordersQuery)
      if (!ENDS.has(action)) return
      client.setQueryData(
        ordersQuery.queryKey,
        (now) => now && { orders: now.orders.filter(({ id }) => id !== order.id) },
      )
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
    onSettled: async () => {
      await client.invalidateQueries(ordersQuery)
      await client.invalidateQueries({ queryKey: keyOf('history') })
    },
  })
}

/** Ends an order and says so, with a way back. */
export function useEndOrder() {
  const act = useOrderAction()
  const toast = useToast()
  const done = (order: DeskOrder, message?: string) =>
    act.mutate(
      { order, action: 'done', ...(message !== undefined && { message }) },
      {
        onSuccess: () =>
          toast({
            text: `Done: ${order.rewardName} for ${order.viewerName}.`,
            undo: () => act.mutate({ order, action: 'reopen' }),
          }),
      },
    )
  const giveBack = (order: DeskOrder) =>
    act.mutate(
      { order, action: 'give-back' },
      { onSuccess: () => toast({ text: `Refunded to ${order.viewerName}: ${order.rewardName}.` }) },
    )
  return { act, done, giveBack }
}

/** An order that has waited so long (seconds) stands out. */
export const LONG_WAIT_SECONDS = 20 * 60

/** Whether an order still asks for somebody at the desk. */
export const isOpen = ({ status }: DeskOrder): boolean => status === 'waiting' || status === 'back'
