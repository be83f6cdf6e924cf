let wide = true

/** Whether the window of a test is as wide as the whole desk. */
export const isWide = (): boolean => wide

/** @param to - False: as wide as a phone. */
export function setWide(to: boolean): void {
  wide = to
}
