/** Strings of bills, payments and takings. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/money', {
  receipt: (number: number) => `Receipt ${number}`,
  undone: ', undone',
  numberedReceipt: (number: number, undone: string) => `Receipt ${number}${undone}`,
  tag: (tagNumber: number, blade: string) => `Tag ${tagNumber} ${blade}`,
  less: (discountReason: string) => `less: ${discountReason}`,
  stillToPay: 'still to pay',
  paid: (method: string) => `Paid, ${method}`,
  statement: (monthText: string) => `Statement ${monthText}`,
  statementFor: (monthText: string) => `Statement for ${monthText}`,
  returned: 'Returned',
  tagAndBlade: 'Tag and blade',
  price: 'Price',
  paidAlone: 'Paid',
  toPay: 'To pay',
  thisBlade: 'This blade',
  aReceiptIsForTheBlades: 'A receipt is for the blades of one customer',
  tagHasNoPriceYetSet: (tagNumber: number) => `Tag ${tagNumber} has no price yet: set it first`,
  tagIsToPayWasGiven: (tagNumber: number, toPay: string, amountMinor: string) =>
    `Tag ${tagNumber}: ${toPay} is to pay; ${amountMinor} was given`,
  onTheHouseMendedWorkOf: 'Free of charge: our own work put right',
  thisReceipt: 'This receipt',
  thisCustomer: 'This customer',
  priceAtMostAsAgreedWas: (most: string, priceMinor: string) =>
    `Price: at most ${most}, as agreed; ${priceMinor} was given. Agree a new estimate first.`,
  priceWasPaidAlreadyUndoThe: (paidMinor: string) =>
    `Price: ${paidMinor} was paid already; undo the receipt first`,
  aReceiptWas: 'a receipt was',
  thisReceiptWasUndoneBefore: 'This receipt was undone before',
});
