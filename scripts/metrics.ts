import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'

/** What is counted in a part of the source. Lengths in lines, JSX included. */
export interface Counts {
  files: number
  readonly fileLengths: number[]
  readonly functionLengths: number[]
  /** `as`, besides `as const`. */
  casts: number
  /** Among these: by way of `unknown`, or to `never`, which hold nothing at all. */
  forced: number
  any: number
  /** Types that a page wrote by hand for what an address answers: `read<T>`, `change<T>`. */
  answers: number
}

const NONE = (): Counts => ({
  ...{ files: 0, fileLengths: [], functionLengths: [] },
  ...{ casts: 0, forced: 0, any: 0, answers: 0 },
})

const isConst = (node: ts.AsExpression): boolean => node.type.getText() === 'const'

const isForced = (node: ts.AsExpression): boolean =>
  node.type.kind === ts.SyntaxKind.NeverKeyword ||
  (ts.isAsExpression(node.expression) && node.expression.type.kind === ts.SyntaxKind.UnknownKeyword)

const asksFor = (node: ts.Node): boolean =>
  ts.isCallExpression(node) && node.typeArguments !== undefined && /^(read|change)$/.test(node.expression.getText())

function countNode(node: ts.Node, counts: Counts, linesOf: (node: ts.Node) => number): void {
  if (ts.isFunctionLike(node) && 'body' in node && node.body !== undefined) counts.functionLengths.push(linesOf(node))
  if (ts.isAsExpression(node) && !isConst(node)) counts.casts++
  if (ts.isAsExpression(node) && isForced(node)) counts.forced++
  if (node.kind === ts.SyntaxKind.AnyKeyword) counts.any++
  if (asksFor(node)) counts.answers++
}

/** Counts one file. @param counts - What is counted so far; added to. */
export function count(file: string, text: string, counts: Counts = NONE()): Counts {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind)
  const line = (at: number) => source.getLineAndCharacterOfPosition(at).line
  const linesOf = (node: ts.Node) => line(node.end) - line(node.getStart(source)) + 1
  counts.files++
  counts.fileLengths.push(text.trimEnd().split('\n').length)
  const visit = (node: ts.Node): void => {
    countNode(node, counts, linesOf)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return counts
}

/** The value below which so large a part of them lies; 0 where there is none. */
export function quantile(values: readonly number[], part: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? 0
}

/** The parts of the source. */
export const PARTS = ['core', 'server/src', 'web', 'standin', 'scripts']
const isSource = (file: string): boolean => /\.tsx?$/.test(file) && !/\.test\.ts|\.d\.ts$/.test(file)

/** What a part of the source comes to, without its tests. */
export function countsOf(part: string): Counts {
  const files = readdirSync(part, { recursive: true, encoding: 'utf8' }).map((file) => `${part}/${file}`)
  return files.filter(isSource).reduce((counts, file) => count(file, readFileSync(file, 'utf8'), counts), NONE())
}

const HEAD = ['part', 'files', 'file: median, 90th, longest', 'function: median, 90th, longest', 'over 40']
const MORE = ['casts', 'forced', 'any', 'answers typed by hand']

const spread = (values: readonly number[]): string =>
  [quantile(values, 0.5), quantile(values, 0.9), Math.max(0, ...values)].join(', ')

function rowOf(part: string): string {
  const { files, fileLengths, functionLengths, casts, forced, any, answers } = countsOf(part)
  const long = functionLengths.filter((length) => length > 40).length
  const cells = [part, files, spread(fileLengths), spread(functionLengths), long, casts, forced, any, answers]
  return `| ${cells.join(' | ')} |`
}

/** The table of all parts, as Markdown. */
export const metricsTable = (): string => {
  const head = [...HEAD, ...MORE]
  return [`| ${head.join(' | ')} |`, `|${' --- |'.repeat(head.length)}`, ...PARTS.map(rowOf)].join('\n')
}

if (process.argv[1]?.endsWith('metrics.ts')) console.log(metricsTable())
