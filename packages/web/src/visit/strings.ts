/** Strings of the page a customer sees. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('visit', {
  itWentHomeOn: (dayAndYear: string) => `It went home on ${dayAndYear}.`,
  itCouldNotBeSharpenedPlease: (when: string) =>
    `It could not be sharpened: please collect it. Promised for ${when}.`,
  itIsReadyToBeCollected: (when: string) => `It is ready to be collected: ${when}.`,
  itIsInTheShopAnd: (when: string) => `It is in the shop, waiting its turn. Promised for ${when}.`,
  itIsBeingWorkedOnPromised: (when: string) => `It is being worked on. Promised for ${when}.`,
  toPay: (money: string) => `To pay: ${money}`,
  paidThankYou: 'Paid. Thank you.',
  nothingToPay: 'Nothing to pay.',
  estimate: (lowMinor: string) => `Estimate: ${lowMinor}`,
  opening: 'Opening…',
  notOpenAnyMore: 'No longer open',
  thisPageIsNotOpenAny:
    'This page is no longer open. A page closes when the blade is brought in again, or after a year. Ask at the shop.',
  tag: (name: string, tagNumber: number) => `${name} · tag ${tagNumber}`,
  howItStands: 'Status',
  tellTheShop: 'Tell the shop',
  notedItIsDullAgainThat: 'Noted: it is dull again. That helps us learn how long it lasts.',
  weCompareTwoEdges:
    'We compare two ways of finishing your edges. Please press this on the day it no longer cuts as you like it.',
  itIsDullAgain: 'It is dull again',
  theShopKnowsThatSomethingIs: 'The shop knows something is wrong. Bring it in when you can.',
  yourWishForNextTimeIs: 'Your wish for next time is noted.',
  inYourWords: 'In your words',
  writeYourWishFirst: 'Write your wish here first',
  whatIsWrongOrHowYou: 'What is wrong, or how you would like it next time',
  somethingIsWrong: 'Something is wrong',
  aWishForNextTime: 'A wish for next time',
});
