import { Link } from 'react-router'
import { useStatus } from '../status.ts'

/** What a room cannot tell. */
type Lack = ReturnType<typeof useStatus>['chat']['lacks'][number]

const SAID: Readonly<Record<Lack, string>> = {
  silent: 'does not show everybody who is there',
  moderators: 'does not show who is a moderator',
}

interface RoomLacksProps {
  readonly lack: Lack
  /** What follows from it for what is set here, and what to do. */
  readonly children: string
}

/** Beside what needs something of the chat that the room cannot give: says so, and where to mend it. Nothing where the room gives it. */
export function RoomLacks({ lack, children }: RoomLacksProps) {
  const { chat } = useStatus()
  if (!chat.lacks.includes(lack)) return null
  return (
    <p role="note" className="rounded-md border border-brass bg-brass-wash px-3 py-2">
      {chat.room ?? 'The chat room'} {SAID[lack]}. {children}{' '}
      <Link to="/connections/rooms" className="underline underline-offset-2">
        See the rooms
      </Link>
    </p>
  )
}
