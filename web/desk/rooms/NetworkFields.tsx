import { Checkbox, Field, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import type { OwnNetwork } from './view.ts'

interface NetworkFieldsProps {
  readonly network: OwnNetwork
  readonly put: (patch: Partial<OwnNetwork>) => void
  /** Whether it may be without encryption. */
  readonly inside: boolean
  readonly faults: Readonly<Record<string, string>>
  /** Undefined: it stays as it is. */
  readonly password: string | undefined
  readonly setPassword: (text: string) => void
  readonly hasPassword: boolean
}

/** A network of the channel's own: where it is, and as whom the bot goes there. */
export const NetworkFields = (props: NetworkFieldsProps) => (
  <fieldset className="flex flex-col gap-4">
    <legend className="sr-only">The network</legend>
    <PlaceFields {...props} />
    <AccountFields {...props} />
  </fieldset>
)

function PlaceFields({ network: { host, port, tls }, put, inside, faults }: NetworkFieldsProps) {
  return (
    <>
      <div className="flex flex-wrap items-start gap-4">
        <div className="min-w-0 flex-1">
          <Field label="Server" hint="Like chat.example.org" error={faults['settings.network.host']}>
            <TextInput most={255} value={host} onValue={(text) => put({ host: text.trim() })} className="w-full" />
          </Field>
        </div>
        <Field label="Port" hint="Most often 6697" error={faults['settings.network.port']}>
          <NumberInput label="Port" value={port} most={65_535} onValue={(figure) => put({ port: figure })} />
        </Field>
      </div>
      {inside && (
        <Checkbox on={tls} onTick={(on) => put({ tls: on })}>
          Encrypted (TLS)
        </Checkbox>
      )}
      {faults['settings.network.tls'] && <p className="text-brick-text">{faults['settings.network.tls']}</p>}
    </>
  )
}

const passwordHint = (hasPassword: boolean): string =>
  hasPassword
    ? 'One is saved, and shown to nobody. Type another to change it.'
    : 'Of that account. It is kept encrypted.'

function AccountFields({ network, put, faults, password, setPassword, hasPassword }: NetworkFieldsProps) {
  const { nick, account } = network
  return (
    <>
      <Field label="Name of the bot there" error={faults['settings.network.nick']}>
        <TextInput most={30} value={nick} onValue={(text) => put({ nick: text.trim() })} />
      </Field>
      <Field
        label="Account"
        hint="Of the bot, registered with the network. Without one its name may be taken by somebody else."
        error={faults['settings.network.account']}
      >
        <TextInput most={100} autoComplete="off" value={account} onValue={(text) => put({ account: text.trim() })} />
      </Field>
      <Field label="Password" hint={passwordHint(hasPassword)} error={faults.password}>
        <TextInput
          most={200}
          type="password"
          autoComplete="new-password"
          value={password ?? ''}
          onValue={setPassword}
        />
      </Field>
    </>
  )
}
