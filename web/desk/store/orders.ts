import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import type { OrderRow } from '#core/store'
import { change, read } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

export const ordersQuery = queryOptions({
  queryKey: ['orders'],
  queryFn: ({ signal }) => read<{ orders: readonly OrderRow[] }>('/desk/orders', signal),
})

type Action = 'done' | 'give-back' | 'reopen'

/** Marks an order done, gives its money back, or takes a "done" back. The card leaves at once; a refusal brings it back. */
export function useOrderAction() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ order, action }: { order: OrderRow; action: Action }) =>
      change('POST', `/desk/orders/${order.id}/${action}`),
    onMutate: async ({ order, action }) => {
      await client.cancelQueries(ordersQuery)
      if (action === 'reopen') return
      client.setQueryData(
        ordersQuery.queryKey,
        (now) => now && { orders: now.orders.filter(({ id }) => id !== order.id) },
      )
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
    onSettled: () => client.invalidateQueries(ordersQuery),
  })
}
