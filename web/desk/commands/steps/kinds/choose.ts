import { BranchFields } from '../BranchFields.tsx'
import type { StepForm } from '../stepForm.ts'

export const chooseForm: StepForm<'choose'> = {
  name: 'Choose at random',
  fresh: () => ({
    do: 'choose',
    branches: [
      { weight: 1, name: '', steps: [] },
      { weight: 1, name: '', steps: [] },
    ],
  }),
  Fields: BranchFields,
}
