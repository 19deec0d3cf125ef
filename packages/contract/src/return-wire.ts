/** What crosses the wire when blades go home: prices, payments, what is ready, the takings. */
import type { BladeMeasures, CustomerSheet, MessageKind, Stage } from '@patient-edge/core';
import type { ShopFormats } from './formats';
import type { Bill } from './return-parts';
import type { PaymentMethod, VisitAnswer } from './return-schemas';
import type { BladeSummary, Customer } from './wire';

/** A blade that can be collected. */
export interface ReadyBlade {
  readonly jobId: number;
  readonly version: number;
  readonly tagNumber: number;
  /** It goes back as it came. */
  readonly declined: boolean;
  readonly promisedOn: string;
  /** Since when it can be collected. */
  readonly readyAt: string;
  readonly customer: Customer;
  readonly blade: BladeSummary;
  readonly bill: Bill | null;
  /** Where it is promised; null where no place is open that day. */
  readonly place: string | null;
}
export interface ReadyList {
  readonly today: string;
  readonly blades: readonly ReadyBlade[];
}

export interface SaleLine {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly blade: string;
  readonly amountMinor: number;
}
/** One receipt. */
export interface Sale {
  readonly id: number;
  readonly number: number;
  readonly at: string;
  readonly who: string;
  readonly customerId: number;
  readonly customer: string;
  readonly method: PaymentMethod;
  readonly undoneAt: string | null;
  readonly lines: readonly SaleLine[];
}
export interface Takings {
  readonly day: string;
  readonly sales: readonly Sale[];
}

/** What one customer had done and paid in a month. */
export interface Statement {
  readonly customer: Customer;
  readonly month: string;
  readonly lines: readonly {
    readonly jobId: number;
    readonly tagNumber: number;
    readonly blade: string;
    readonly returnedAt: string;
    readonly bill: Bill;
  }[];
}

export interface HandedOver {
  readonly jobIds: readonly number[];
  readonly saleId: number | null;
}

export const MESSAGE_STATES = ['queued', 'sending', 'sent', 'failed', 'withdrawn'] as const;
/** A message as it stands in the queue. */
export interface QueuedMessage {
  readonly id: number;
  readonly kind: MessageKind;
  readonly customer: string;
  readonly address: string;
  readonly subject: string;
  readonly body: string;
  readonly state: (typeof MESSAGE_STATES)[number];
  readonly problem: string | null;
  readonly madeAt: string;
  readonly sentAt: string | null;
}
/** A message written out for the telephone. */
export interface WrittenMessage {
  readonly kind: MessageKind;
  readonly subject: string;
  readonly body: string;
  /** Why it is not sent as e-mail; null where it was queued. */
  readonly notSent: string | null;
}

/** A customer to write to, with the blades it is about. */
export interface ToWrite {
  readonly kind: MessageKind;
  readonly customer: Customer;
  readonly blades: readonly {
    readonly jobId: number;
    readonly tagNumber: number;
    readonly blade: string;
    /** Promised, due or ready since. */
    readonly day: string;
  }[];
  readonly lastWritten: string | null;
}

/** An e-mail in the stand-in's inbox. */
export interface MailInBox {
  readonly id: string;
  readonly at: string;
  readonly from: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** What the customer's own page shows. */
export interface VisitPage {
  readonly shop: { readonly name: string; readonly address: string; readonly phone: string };
  readonly currency: string;
  readonly formats: ShopFormats;
  readonly blade: { readonly name: string; readonly measures: BladeMeasures };
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly declined: boolean;
  readonly promisedOn: string;
  readonly place: string | null;
  readonly returnedAt: string | null;
  readonly bill: Bill | null;
  readonly estimate: { readonly lowMinor: number; readonly highMinor: number } | null;
  /** Once it went home. */
  readonly sheet: CustomerSheet | null;
  /** Its edge is compared with another: the shop would like to know when it is dull. */
  readonly isInTrial: boolean;
  readonly answers: readonly VisitAnswer[];
}

/** A complaint in the list of those that are open. */
export interface OpenComplaint {
  readonly jobId: number;
  readonly customer: string;
  readonly blade: string;
  readonly words: string;
  readonly openedAt: string;
}
