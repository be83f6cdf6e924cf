import { GAME_NAMES, OPENED_FOR_ALL } from '#core/games'
import { tallyHows } from '#core/steps'
import { NumberInput, Select } from '../../../parts/form/inputs.tsx'
import { BetFields } from '../../bets/StepFields.tsx'
import { PictureField, SoundField } from '../../library/RefFields.tsx'
import { RaffleFields, TicketFields } from '../../raffles/StepFields.tsx'
import { BranchFields } from './BranchFields.tsx'
import { ConditionFields } from './ConditionFields.tsx'
import { AmountField, TargetField } from './choices.tsx'
import type { FieldsOf, StepFieldsProps } from './fieldsOf.ts'
import { TextField } from './TextField.tsx'

/** The fields of a step, by its kind. */
export function StepFields({ step, ...rest }: StepFieldsProps) {
  switch (step.do) {
    case 'say':
      return <SayFields {...rest} step={step} />
    case 'tell':
      return <TellFields {...rest} step={step} />
    case 'pay':
      return <PayFields {...rest} step={step} />
    case 'take':
      return <TakeFields {...rest} step={step} />
    case 'tally':
      return <TallyFields {...rest} step={step} />
    case 'order':
      return <OrderFields {...rest} step={step} />
    case 'alert':
      return <AlertFields {...rest} step={step} />
    case 'sound':
      return <SoundField sound={step.sound} onSound={(sound) => rest.setStep({ ...step, sound })} />
    case 'round':
      return <GameFields {...rest} step={step} />
    case 'raffle':
      return <RaffleFields {...rest} step={step} />
    case 'bet':
      return <BetFields {...rest} step={step} />
    case 'tickets':
      return <TicketFields {...rest} step={step} />
    case 'circle':
      return <CircleFields {...rest} step={step} />
    case 'choose':
      return <BranchFields {...rest} step={step} />
    case 'when':
      return <ConditionFields {...rest} step={step} />
    case 'wait':
      return <WaitFields {...rest} step={step} />
    case 'call':
      return <CallFields {...rest} step={step} />
  }
}

const SayFields = ({ step, setStep, around }: FieldsOf<'say'>) => (
  <TextField label="Text" value={step.text} onText={(text) => setStep({ ...step, text })} around={around} />
)

const TellFields = ({ step, setStep, around }: FieldsOf<'tell'>) => (
  <>
    <TargetField label="To" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
    <TextField label="Text" value={step.text} onText={(text) => setStep({ ...step, text })} around={around} />
  </>
)

const PayFields = ({ step, setStep, around }: FieldsOf<'pay'>) => (
  <Row>
    <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} />
    <TargetField label="to" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} />
  </Row>
)

const TakeFields = ({ step, setStep, around }: FieldsOf<'take'>) => (
  <Row>
    <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} />
    <TargetField label="from" target={step.from} onTarget={(from) => setStep({ ...step, from })} around={around} />
  </Row>
)

const WaitFields = ({ step, setStep }: FieldsOf<'wait'>) => (
  <Row>
    <NumberInput
      label="Seconds to wait"
      value={step.seconds}
      most={3600}
      onValue={(seconds) => setStep({ ...step, seconds: Math.max(1, seconds) })}
    />
    <span>seconds, then go on. A restart does not end it.</span>
  </Row>
)

const CallFields = ({ step, setStep, view }: FieldsOf<'call'>) => (
  <Select
    label="Command"
    value={String(step.command)}
    choices={view.commands.map(({ id, settings }) => ({ value: String(id), name: `!${settings.word}` }))}
    onChoose={(command) => setStep({ ...step, command: Number(command) })}
  />
)

const Row = ({ children }: { children: React.ReactNode }) => (
  <div className="flex flex-wrap items-center gap-2">{children}</div>
)

const ROUND_HOWS = [
  { value: 'open', name: 'open, if none is on:' },
  { value: 'callOff', name: 'call off and refund all stakes:' },
] as const
const ROUNDS = OPENED_FOR_ALL.map((value) => ({ value, name: GAME_NAMES[value] }))

const GameFields = ({ step, setStep }: FieldsOf<'round'>) => (
  <Row>
    <Select label="What to do" value={step.how} choices={ROUND_HOWS} onChoose={(how) => setStep({ ...step, how })} />
    <Select label="Game" value={step.game} choices={ROUNDS} onChoose={(game) => setStep({ ...step, game })} />
  </Row>
)

const HOWS = { add: 'add', take: 'take', set: 'set to', pass: 'pass on from the viewer' } as const

function TallyFields({ step, setStep, view, around }: FieldsOf<'tally'>) {
  return (
    <Row>
      <Select
        label="Tally"
        value={String(step.tally)}
        choices={view.tallies.map(({ id, name }) => ({ value: String(id), name }))}
        onChoose={(tally) => setStep({ ...step, tally: Number(tally) })}
      />
      <Select
        label="How"
        value={step.how}
        choices={tallyHows.map((value) => ({ value, name: HOWS[value] }))}
        onChoose={(how) => setStep({ ...step, how })}
      />
      <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} unit="" />
      <TargetField
        label={step.how === 'pass' ? 'to' : 'for'}
        target={step.to}
        onTarget={(to) => setStep({ ...step, to })}
        around={around}
        one={step.how === 'pass'}
      />
    </Row>
  )
}

function OrderFields({ step, setStep, view, around }: FieldsOf<'order'>) {
  return (
    <>
      <Row>
        <Select
          label="Reward"
          value={String(step.reward)}
          choices={view.rewards.map(({ id, name }) => ({ value: String(id), name }))}
          onChoose={(reward) => setStep({ ...step, reward: Number(reward) })}
        />
        <TargetField label="for" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
      </Row>
      <TextField
        label="The buyer’s text"
        value={step.text}
        onText={(text) => setStep({ ...step, text })}
        around={around}
      />
    </>
  )
}

function AlertFields({ step, setStep, view, around }: FieldsOf<'alert'>) {
  const { alert, ...inline } = step
  return (
    <>
      <Select
        label="Alert"
        value={String(alert ?? '')}
        choices={[
          { value: '', name: 'One of its own' },
          ...view.alerts.map(({ id, name }) => ({ value: String(id), name: `Alert: ${name}` })),
        ]}
        onChoose={(next) => setStep(next === '' ? inline : { ...inline, alert: Number(next) })}
      />
      {alert === undefined && <InlineAlert step={step} setStep={setStep} view={view} around={around} />}
    </>
  )
}

function InlineAlert({ step, setStep, around }: Pick<FieldsOf<'alert'>, 'step' | 'setStep' | 'view' | 'around'>) {
  return (
    <>
      <TextField
        label="Title"
        value={step.title}
        onText={(title) => setStep({ ...step, title })}
        around={around}
        most={200}
      />
      <TextField
        label="Line below"
        value={step.line}
        onText={(line) => setStep({ ...step, line })}
        around={around}
        most={200}
      />
      <PictureField label="Picture" value={step.picture} onValue={(picture) => setStep({ ...step, picture })} videos />
      <Row>
        <SoundField sound={step.sound} onSound={(sound) => setStep({ ...step, sound })} />
        <NumberInput
          label="Seconds shown"
          value={step.seconds}
          most={30}
          onValue={(seconds) => setStep({ ...step, seconds: Math.max(2, seconds) })}
          className="w-16"
        />
        <span>seconds</span>
      </Row>
    </>
  )
}

function CircleFields({ step, setStep, view, around }: FieldsOf<'circle'>) {
  return (
    <Row>
      <TargetField label="Who" target={step.who} onTarget={(who) => setStep({ ...step, who })} around={around} />
      <Select
        label="In or out"
        value={step.how}
        choices={[
          { value: 'in', name: 'joins' },
          { value: 'out', name: 'leaves' },
        ]}
        onChoose={(how) => setStep({ ...step, how })}
      />
      <Select
        label="Circle"
        value={String(step.circle)}
        choices={view.circles.map(({ id, name }) => ({ value: String(id), name }))}
        onChoose={(circle) => setStep({ ...step, circle: Number(circle) })}
      />
    </Row>
  )
}
