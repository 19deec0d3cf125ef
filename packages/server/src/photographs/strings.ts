/** Strings of photographs. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/photographs', {
  tooManyPicturesAreBeingOpened:
    'Too many pictures are being opened just now; try again in a moment',
  photograph: (message: string) => `Photograph: ${message}`,
  thisFileHoldsNoPictureThat: 'this file is not a picture that can be read',
  mustBeJpegPngOrWebp: (format: string) => `must be JPEG, PNG or WebP; ${format} was given`,
  unknown: 'unknown',
  cannotBeOpened: (why: string | undefined) => `cannot be opened (${why})`,
  theFileIsEmpty: 'the file is empty',
  thisPhotograph: 'This photograph',
  photographMustBeAtMostMb: (megabytes: number) => `Photograph: must be at most ${megabytes} MB`,
  photographOneFileIsExpected: (message: string) => `Photograph: one file is expected (${message})`,
  thisBlade: 'This blade',
  photographAtMostOfOneVisit: (mostPhotographs: number) =>
    `Photograph: at most ${mostPhotographs} of one visit are kept`,
  aPhotographWas: 'a photograph was',
  photographIsMissing: 'Photograph is missing',
  aMicroscope: 'A microscope',
  thisPictureOfTheMicroscope: 'This picture of the microscope',
  thisPhotographWasChangedBySomeone: 'This photograph was changed by someone else; look again',
  theBladeHasGoneHomeIts: 'The blade has gone home: its photographs stay with its record',
});
