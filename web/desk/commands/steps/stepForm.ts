import type { ComponentType } from 'react'
import type { StepKind, StepOf } from '#core/steps'
import type { CommandsView } from '../view.ts'
import type { FieldsOf } from './fieldsOf.ts'

/** How a kind of step is shown in a form: what it is called, one of it as it begins, and its fields. */
export interface StepForm<K extends StepKind> {
  readonly name: string
  /** @param viewer - Whether somebody sets the steps off. */
  readonly fresh: (view: CommandsView, viewer: boolean) => StepOf<K>
  readonly Fields: ComponentType<FieldsOf<K>>
}

/** Whom a step is about at first. */
export const whom = (viewer: boolean) => (viewer ? ({ of: 'caller' } as const) : ({ of: 'present' } as const))
