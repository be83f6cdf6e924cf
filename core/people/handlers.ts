import { adjustBalances, undoAdjustment } from './adjust.ts'
import { changeGiftRules } from './hand.ts'
import { importPeople } from './import.ts'
import { addPerson, archivePeople, ignorePeople, keepPerson, removeNote, writeNote } from './keep.ts'
import { linkAccount } from './link.ts'
import { forgetPerson, mergePeople } from './merge.ts'

/** How each intent of people is decided, by its kind. */
export const peopleHandlers = {
  'people.add': addPerson,
  'people.adjust': adjustBalances,
  'people.archive': archivePeople,
  'people.forget': forgetPerson,
  'people.handing': changeGiftRules,
  'people.ignore': ignorePeople,
  'people.import': importPeople,
  'people.keep': keepPerson,
  'people.link': linkAccount,
  'people.merge': mergePeople,
  'people.note': writeNote,
  'people.removeNote': removeNote,
  'people.undo': undoAdjustment,
}
