import { useState } from 'react'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox, Field, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { useChange } from '../../parts/useChange.ts'
import { iconOf, type PlatformReward, type WantedReward } from './platform.ts'

const FRESH: WantedReward = { name: '', price: 100, text: '', asks: false, paused: false, icon: null }

const draftOf = ({ name, price, text, asks, paused }: PlatformReward): WantedReward => ({
  ...{ name, text, asks, paused },
  price: price ?? 1,
  icon: null,
})

interface PlatformDialogProps {
  /** Left out: a new one. */
  readonly reward: PlatformReward | undefined
  readonly close: () => void
}

/** Makes or changes a reward on the platform. */
export function PlatformDialog({ reward, close }: PlatformDialogProps) {
  const [draft, setDraft] = useState(reward === undefined ? FRESH : draftOf(reward))
  const save = useChange({
    ask: () =>
      answerOf(
        reward === undefined
          ? api.POST('/desk/platform-rewards', { body: draft })
          : api.PUT('/desk/platform-rewards/{outside}', { params: { path: { outside: reward.id } }, body: draft }),
      ),
    invalidates: ['platformRewards', 'commands'],
    said: `${draft.name} is on the platform.`,
    onDone: close,
    inPlace: true,
  })
  return (
    <DialogForm
      title={reward === undefined ? 'A reward for platform points' : `Change ${reward.name}`}
      close={close}
      does={reward === undefined ? 'Add it there' : 'Save now'}
      go={() => save.mutate()}
      off={draft.name.trim() === '' || draft.price < 1}
      change={save}
      aside={reward && <Remove reward={reward} close={close} />}
    >
      <PlatformFields
        draft={draft}
        put={(patch) => setDraft((before) => ({ ...before, ...patch }))}
        error={save.error}
      />
    </DialogForm>
  )
}

const Remove = ({ reward: { id, name }, close }: { readonly reward: PlatformReward; readonly close: () => void }) => (
  <RemoveButton
    send={() => api.POST('/desk/platform-rewards/{outside}/remove', { params: { path: { outside: id } } })}
    name={name}
    close={close}
    refreshes="platformRewards"
  />
)

interface FieldsProps {
  readonly draft: WantedReward
  readonly put: (patch: Partial<WantedReward>) => void
  readonly error: Error | null
}

function PlatformFields({ draft, put, error }: FieldsProps) {
  const faults = error instanceof ApiProblem ? error.faults : {}
  return (
    <>
      <Field label="Name" error={faults.name}>
        <TextInput data-autofocus most={60} value={draft.name} onValue={(name) => put({ name })} />
      </Field>
      <Field label="Price" unit="points of the platform" error={faults.price}>
        <NumberInput label="Price" value={draft.price} most={1_000_000_000} onValue={(price) => put({ price })} />
      </Field>
      <Field label="What viewers read of it" error={faults.text}>
        <TextInput most={200} value={draft.text} onValue={(text) => put({ text })} />
      </Field>
      <IconField chosen={draft.icon !== null} put={(icon) => put({ icon })} fault={faults.icon} />
      <Checkbox on={draft.asks} onTick={(asks) => put({ asks })}>
        Viewers type a text with it
      </Checkbox>
      <Checkbox on={draft.paused} onTick={(paused) => put({ paused })}>
        Paused: nobody can redeem it now
      </Checkbox>
    </>
  )
}

interface IconFieldProps {
  readonly chosen: boolean
  readonly put: (icon: string | null) => void
  readonly fault: string | undefined
}

function IconField({ chosen, put, fault }: IconFieldProps) {
  const [failed, setFailed] = useState<Error>()
  const choose = async (file: File | undefined) => {
    setFailed(undefined)
    try {
      put(file === undefined ? null : await iconOf(file))
    } catch (cause) {
      setFailed(cause as Error)
    }
  }
  return (
    <>
      <Field
        label="Icon"
        hint={
          chosen
            ? 'It is scaled to the sizes the platform shows.'
            : 'A picture of any size; it is scaled. Empty: as it is.'
        }
        error={fault}
      >
        <input
          type="file"
          accept="image/png,image/jpeg,image/webp,image/gif"
          onChange={(event) => void choose(event.target.files?.[0])}
          className="max-w-full text-note file:mr-3 file:rounded-md file:border file:border-solid file:border-line file:bg-raised file:px-3 file:py-1.5"
        />
      </Field>
      {failed && <Problem error={failed} />}
    </>
  )
}
