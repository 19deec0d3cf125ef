/** Strings of tags and tickets. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('labels', {
  itCannotBeDrawn: 'It cannot be drawn.',
  theSheetCannotBeShownHere: (problem: string) => `The sheet cannot be shown here: ${problem}`,
  loadingTheTray: 'Loading the tray…',
  labelPrinter: 'Label printer',
  inTheTray: 'In the tray',
  openThePdf: 'Open the PDF',
  itsBlade: 'Its blade',
  theTrayIsEmptyTagsAnd:
    'The tray is empty. Tags and tickets appear here when blades are taken in.',
  tag: (tagNumber: number) => `Tag ${tagNumber}`,
  ticketOfTag: (tagNumber: number) => `Ticket of tag ${tagNumber}`,
});
