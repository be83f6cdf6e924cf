import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { AddDialog } from './AddDialog.tsx'
import { ImportDialog } from './ImportDialog.tsx'
import { MaintenanceDialog } from './MaintenanceDialog.tsx'
import { MENU, MENU_BUTTON, MENU_ITEM } from './menu.ts'

const ITEMS = [
  { what: 'add', name: 'Add somebody …' },
  { what: 'import', name: 'Import people from a CSV file …' },
  { what: 'archive', name: 'Archive people not seen for a while …' },
  { what: 'balance', name: 'Reset all balances …' },
  { what: 'hours', name: 'Reset all hours …' },
] as const

/** What is done to the list as a whole, and not often. */
export function MoreMenu() {
  const [asked, setAsked] = useSearchParams()
  const [open, setOpen] = useState<(typeof ITEMS)[number]['what'] | undefined>(
    asked.get('open') === 'import' ? 'import' : undefined,
  )
  const close = () => {
    setOpen(undefined)
    if (asked.has('open')) setAsked({}, { replace: true })
  }
  return (
    <>
      <Menu>
        <MenuButton className={MENU_BUTTON}>More …</MenuButton>
        <MenuItems anchor="bottom end" className={MENU}>
          {ITEMS.map(({ what, name }) => (
            <MenuItem key={what}>
              <button type="button" onClick={() => setOpen(what)} className={MENU_ITEM}>
                {name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      {open === 'add' && <AddDialog close={close} />}
      {open === 'import' && <ImportDialog close={close} />}
      {(open === 'archive' || open === 'balance' || open === 'hours') && (
        <MaintenanceDialog what={open} close={close} />
      )}
    </>
  )
}
