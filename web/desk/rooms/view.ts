import { queryOptions } from '@tanstack/react-query'
import type { Answer, Body } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type RoomsView = Answer<'/desk/rooms'>
export type Room = RoomsView['rooms'][number]
export type RoomBody = Body<'/desk/rooms'>
export type RoomSettings = RoomBody['settings']
export type OwnNetwork = NonNullable<RoomSettings['network']>

/** The chat rooms. How they stand is no fact of the channel: it is looked at now and then. */
export const roomsQuery = queryOptions({
  queryKey: keyOf('rooms'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/rooms', { signal })),
  refetchInterval: 3000,
})
