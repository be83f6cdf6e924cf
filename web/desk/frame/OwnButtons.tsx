import { signOut } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useTheme } from '../../parts/theme.ts'
import { LeaveButton, OtherDesks } from '../team/OtherDesks.tsx'

/** Colours, and the way out. */
export function OwnButtons({ caller, owner }: { caller: string; owner: boolean }) {
  const [theme, setTheme] = useTheme()
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <>
      <Button look="quiet" className="justify-start!" onClick={() => setTheme(theme === 'dark' ? 'light' : 'dark')}>
        {theme === 'dark' ? 'Light theme' : 'Dark theme'}
      </Button>
      <OtherDesks />
      {!owner && <LeaveButton />}
      <Button look="quiet" className="justify-start!" onClick={leave} title={`Signed in as ${caller}`}>
        Sign out
      </Button>
    </>
  )
}
