/** Two records of one person as one: who stays keeps their name, and loses nothing of the other. */
import { MOST_PHONES, type CustomerBody } from '@patient-edge/contract';

const NOTE_LENGTH = 500;
const LIKED_LENGTH = 300;

/** Both, unless they say the same; what would not fit is cut at the end. */
const joined = (stays: string, gone: string, most: number): string =>
  gone === '' || stays.includes(gone)
    ? stays
    : (stays === '' ? gone : `${stays}; ${gone}`).slice(0, most);

const digits = (number: string): string => number.replace(/\D/g, '');

export const mergedCustomer = (stays: CustomerBody, gone: CustomerBody): CustomerBody => {
  const known = new Set(stays.phones.map(({ number }) => digits(number)));
  const phones = [
    ...stays.phones,
    ...gone.phones.filter(({ number }) => !known.has(digits(number))),
  ];
  // A telephone that does not fit any more is not lost: it stands in the note.
  const beyond = phones.slice(MOST_PHONES).map(({ number }) => number);
  return {
    name: stays.name,
    trade: stays.trade === '' ? gone.trade : stays.trade,
    phones: phones.slice(0, MOST_PHONES),
    note: [gone.note, ...beyond].reduce(
      (note, more) => joined(note, more, NOTE_LENGTH),
      stays.note,
    ),
    edgesLiked: joined(stays.edgesLiked, gone.edgesLiked, LIKED_LENGTH),
    email: stays.email === '' ? gone.email : stays.email,
    // Whoever said no once is not written to.
    mayWrite: [stays, gone].some(({ mayWrite }) => mayWrite === 'no')
      ? 'no'
      : stays.mayWrite === 'not asked'
        ? gone.mayWrite
        : stays.mayWrite,
    onAccount: stays.onAccount || gone.onAccount,
  };
};
