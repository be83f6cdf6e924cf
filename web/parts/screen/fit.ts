const SMALLEST_PX = 12

/** Makes the letters of a box as large as they can be within it, or as asked, and never larger than fits. @param size - 0: as large as fits. */
export function fitText(box: HTMLElement, letters: HTMLElement, size: number, largest: number): void {
  const fits = (px: number): boolean => {
    letters.style.fontSize = `${px}px`
    return letters.scrollHeight <= box.clientHeight && letters.scrollWidth <= box.clientWidth
  }
  if (box.clientHeight === 0) return
  let [low, high] = [SMALLEST_PX, size > 0 ? size : largest]
  if (fits(high)) return
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (fits(middle)) low = middle
    else high = middle
  }
  fits(low)
}
