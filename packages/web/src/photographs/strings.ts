/** Strings of photographs. */
import { counted, stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('photographs', {
  photographs: 'Photographs',
  adding: 'Adding…',
  addAPhotograph: 'Add a photograph',
  noneYetLayTheBladeOn:
    'None yet. Lay the blade on plain paper beside a bank card to trace it later.',
  photographOfTheBlade: (number: number) => `Photograph ${number} of the blade`,
  marks: (marksCount: number) => counted(marksCount, 'mark', 'marks'),
  photographClickToMarkAPlace:
    'Photograph: click to mark a place; plus and minus enlarge, arrows move, Enter marks the middle',
  takenInUprightAndWithoutThe: (moment: string) =>
    `Taken in ${moment}. Upright, and without the place it was taken.`,
  noteOnThePhotograph: 'Note on the photograph',
  marksAlone: 'Marks',
  clickOnThePictureToMark: 'Click on the picture to mark a place.',
  mark: (number: number) => `Mark ${number}`,
  removeMark: (number: number) => `Remove mark ${number}`,
  saveMarks: 'Save marks',
  removeThisPhotograph: 'Remove this photograph',
  marksAndNotes: 'Marks and notes',
  traceTheOutline: 'Trace the outline',
  lookClosely: 'Look closely',
  photograph: 'Photograph',
  whatToDo: 'What to do',
  backToTheIntake: 'Back to the intake',
  opening: 'Opening…',
  markPoint: 'Mark',
});
