export const MENU_BUTTON =
  'rounded-md border border-line bg-panel px-3 py-1.5 font-medium whitespace-nowrap hover:bg-raised'
export const MENU = 'z-40 mt-1 max-h-80 min-w-52 rounded-md border border-line bg-panel p-1 focus:outline-none'
export const MENU_ITEM = 'block w-full rounded px-3 py-1.5 text-left data-focus:bg-raised'
