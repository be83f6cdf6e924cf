import { signOut } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useTheme } from '../../parts/theme.ts'

/** Colours, and the way out. */
export function OwnButtons({ caller }: { caller: string }) {
  const [theme, setTheme] = useTheme()
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <>
      <Button look="quiet" className="justify-start!" onClick={() => setTheme(theme === 'dark' ? 'light' : 'dark')}>
        {theme === 'dark' ? 'Light theme' : 'Dark theme'}
      </Button>
      <Button look="quiet" className="justify-start!" onClick={leave} title={`Signed in as ${caller}`}>
        Sign out
      </Button>
    </>
  )
}
