/** Where a piece is and how large it is, in pixels of the canvas. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

/** How near an edge must come to another to stick to it (pixels of the canvas). */
const NEAR = 10
const LEAST = 20

interface Lines {
  readonly x: readonly number[]
  readonly y: readonly number[]
}

/** The lines that pieces stick to: edges and middle of the canvas, and of every other piece. */
export function linesOf(canvas: { width: number; height: number }, others: readonly Box[]): Lines {
  return {
    x: [0, canvas.width / 2, canvas.width, ...others.flatMap(({ x, w }) => [x, x + w / 2, x + w])],
    y: [0, canvas.height / 2, canvas.height, ...others.flatMap(({ y, h }) => [y, y + h / 2, y + h])],
  }
}

/** By how much to move so that one of the places meets a line nearby; 0: none is near. */
function pull(places: readonly number[], lines: readonly number[]): number {
  let best = NEAR + 1
  for (const place of places) for (const line of lines) if (Math.abs(line - place) < Math.abs(best)) best = line - place
  return Math.abs(best) <= NEAR ? best : 0
}

/** A box that was moved, with its edges or its middle on a line where one is near. */
export function snapMoved(box: Box, lines: Lines): Box {
  const [x, y] = [Math.round(box.x), Math.round(box.y)]
  return {
    ...box,
    x: Math.round(x + pull([x, x + box.w / 2, x + box.w], lines.x)),
    y: Math.round(y + pull([y, y + box.h / 2, y + box.h], lines.y)),
  }
}

/** A box whose lower right corner was moved, with its edges on a line where one is near. */
export function snapSized(box: Box, lines: Lines): Box {
  const [w, h] = [Math.round(box.w), Math.round(box.h)]
  return {
    ...box,
    w: Math.max(LEAST, Math.round(w + pull([box.x + w], lines.x))),
    h: Math.max(LEAST, Math.round(h + pull([box.y + h], lines.y))),
  }
}

/** Which way an arrow key goes. */
const ARROWS: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A box after a key: arrows move it by 1, with Shift by 10; with Alt they change its size. undefined: the key does nothing. */
export function keyed(box: Box, key: string, { shift, alt }: { shift: boolean; alt: boolean }): Box | undefined {
  const way = ARROWS[key]
  if (way === undefined) return undefined
  const by = shift ? 10 : 1
  const [dx, dy] = [way[0] * by, way[1] * by]
  return alt
    ? { ...box, w: Math.max(LEAST, box.w + dx), h: Math.max(LEAST, box.h + dy) }
    : { ...box, x: box.x + dx, y: box.y + dy }
}
