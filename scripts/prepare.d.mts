export function postgresPrograms(): string | undefined
export function prepare(options: { withBrowser: boolean }): void
export function runTypeScript(file: string, args: string[]): Promise<void>
