/** What a browser's tab says of the page in it. */
export interface Tab {
  /** How many things wait to be done. */
  readonly waiting: number
  /** Empty: no page in particular. */
  readonly page: string
  readonly site: string
}

/** "(3) Orders · Ricompensa" */
export function tabTitle({ waiting, page, site }: Tab): string {
  const named = page === '' ? site : `${page} · ${site}`
  return waiting > 0 ? `(${waiting}) ${named}` : named
}
