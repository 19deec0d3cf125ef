/** Strings of messages to customers. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('messages', {
  waitsToBeSent: 'waits to be sent',
  isBeingSent: 'is being sent',
  notSent: 'not sent',
  loadingMessages: 'Loading messages…',
  messages: 'Messages',
  toCustomers: 'To customers',
  nothingYetWhoeverSaidYesIs:
    'Nothing yet. Customers who agreed to messages get one when everything is ready.',
  sendAgain: 'Send again',
  inbox: 'Inbox',
  theDemoSendsNothingOutIts: 'The demo sends nothing: its messages stay here.',
  to: (to: string, moment: string) => `to ${to}, ${moment}`,
  empty: 'Empty.',
});
