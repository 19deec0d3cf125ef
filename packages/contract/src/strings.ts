/** Strings that pages say too: money, promises, files, what cannot be read. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('contract', {
  from: 'From',
  theRequest: 'The request',
  holdsHalfOfACharacter: 'holds half of a character',
  isNestedDeeperThan: (deepest: number) => `is nested deeper than ${deepest}`,
  isNotAFieldHere: 'is not a field here',
  to: 'To',
  blade: 'Blade',
  blades: 'Blades',
  subject: 'Subject',
  place: 'Place',
  promisedDate: 'Promised date',
  theFileHoldsNoStone: 'The file holds no stone',
  theFileMustHoldAtMost: (mostStones: number, dataCount: number) =>
    `The file must hold at most ${mostStones} stones; it holds ${dataCount}`,
  nameIsThereTwice: (name: string) => `Name: "${name}" is there twice`,
  theLineHasMoreCellsThan: 'The line has more cells than the heading',
  to2: (money: string, money2: string) => `${money} to ${money2}`,
  numberOfTheSubject: 'Number of the subject',
  person: 'Person',
  before: 'Before',
  beforeEntry: 'Before entry',
  theColumnIsNotKnown: (column: string) => `The column "${column}" is not known here`,
  theColumnIsMissing: (column: string) =>
    `The column "${column}" is missing: the first line names the columns`,
});
