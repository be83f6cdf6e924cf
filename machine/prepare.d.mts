export function postgresPrograms(): string | undefined
export function unpackedProgram(name: 'promtool' | 'nginx' | 'nats-server' | 'ircd-hybrid' | 'anope'): string
export function prepare(options: { forTests: boolean }): void
export function runTypeScript(file: string, args: string[]): Promise<void>
