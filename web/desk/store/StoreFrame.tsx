import { useQuery } from '@tanstack/react-query'
import { PageTabs } from '../../parts/page/PageTabs.tsx'
import { ordersQuery } from './orders.ts'

/** The pages about what is sold and what was ordered. */
export function StoreFrame() {
  const waiting = useQuery(ordersQuery).data?.orders.length ?? 0
  return (
    <PageTabs
      label="About the store"
      parts={[
        { to: '/store', name: 'Rewards' },
        { to: '/store/orders', name: waiting > 0 ? `Orders (${waiting} waiting)` : 'Orders' },
      ]}
    />
  )
}
