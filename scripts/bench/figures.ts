/** What was measured, in its unit, beside what it is held against in the same run. */
export interface Figure {
  readonly name: string
  readonly unit: string
  readonly value: number
  readonly baseline: number
  readonly ratio: number
}

export type Note = (name: string, unit: string, value: number, baseline: number) => void

/** What a part of the bench could not measure, and why. */
export interface Broken {
  readonly part: string
  readonly why: string
}

/** Collects what the parts measure, and tells it as it comes. A part that breaks is told as broken and ends only itself. */
export class Figures {
  readonly figures: Figure[] = []
  readonly broken: Broken[] = []

  /** @param only - A part of the names of the parts that are measured; empty: all. */
  constructor(readonly only = '') {}

  readonly note: Note = (name, unit, value, baseline) => {
    if (!Number.isFinite(value) || !Number.isFinite(baseline)) return this.#tellBroken(name, 'it came to no number')
    const ratio = value / baseline
    this.figures.push({ name, unit, value, baseline, ratio })
    console.log(`${name}: ${value.toFixed(1)} ${unit}, baseline ${baseline.toFixed(1)}, ratio ${ratio.toFixed(2)}`)
  }

  /** @param always - Whether other parts build on it, so that it is measured with any of them. */
  async part(name: string, measure: (note: Note) => void | Promise<void>, always = false): Promise<void> {
    if (!always && !name.includes(this.only)) return
    const began = performance.now()
    try {
      await measure(this.note)
    } catch (error) {
      this.#tellBroken(name, error instanceof Error ? error.message : String(error))
    }
    console.log(`${name} took ${Math.round((performance.now() - began) / 1000)} s`)
  }

  #tellBroken(part: string, why: string): void {
    this.broken.push({ part, why })
    console.log(`${part}: BROKEN: ${why}`)
  }
}
