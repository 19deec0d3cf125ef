/** Strings of tags and tickets. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/labels', {
  tag: (tagNumber: number) => `Tag ${tagNumber}`,
  for: (promisedOn: string) => `for ${promisedOn}`,
  ticketOfTag: (tagNumber: number) => `Ticket of tag ${tagNumber}`,
  howItStands: 'Check its status',
  customer: 'Customer',
  blade: 'Blade',
  forAlone: 'For',
  askedFor: 'Asked for',
  promised: 'Promised',
  foundOnIt: 'Found on it',
  atMm: (kind: string, fromMm: number) => `${kind} at ${fromMm} mm`,
  agreedWith: (agreedBy: string) => `, agreed with ${agreedBy}`,
  estimate: 'Estimate',
  asked: 'Asked',
  handedOverAgainstThisTagOnly: 'Handed over against this tag only. Sharp: carry it wrapped.',
  thisBlade: 'This blade',
  aLabelPrinter: 'A label printer',
  thisSheet: 'This sheet',
});
