/** Who did what when: what is asked of the history, and what it answers. */
import Joi from 'joi';
import type { Message } from '@patient-edge/core';
import { isoDate, type Checked } from './schema-parts';
import { STRINGS } from './strings';

export const HISTORY_SUBJECTS = ['blade', 'customer', 'stone', 'shop'] as const;
export type HistorySubject = (typeof HISTORY_SUBJECTS)[number];

export interface HistoryQuery {
  /** All of them where nothing is said. */
  readonly subject: HistorySubject | null;
  /** Of that blade, customer or stone alone. */
  readonly subjectId: number | null;
  readonly staffId: number | null;
  readonly fromDay: string | null;
  readonly toDay: string | null;
  /** Where the page before ended; a moment and the entry in it. */
  readonly beforeAt: string | null;
  readonly beforeId: number | null;
}

const open = () => Joi.number().integer().min(0).allow(null).default(null);
export const historySchema = Joi.object<Checked<HistoryQuery>, true>({
  subject: Joi.string()
    .valid(...HISTORY_SUBJECTS)
    .allow(null)
    .default(null)
    .label(STRINGS.subject),
  subjectId: open().label(STRINGS.numberOfTheSubject),
  staffId: open().label(STRINGS.person),
  fromDay: isoDate(STRINGS.from).allow(null).default(null),
  toDay: isoDate(STRINGS.to).allow(null).default(null),
  beforeAt: Joi.string().isoDate().allow(null).default(null).label(STRINGS.before),
  beforeId: open().label(STRINGS.beforeEntry),
});

export interface HistoryEntry {
  readonly id: number;
  readonly at: string;
  readonly who: string;
  readonly subject: HistorySubject;
  readonly subjectId: number;
  /** What it was done to: a tag and a name, a customer, a stone; empty for the shop. */
  readonly of: string;
  readonly message: Message;
}
export interface HistoryPage {
  readonly entries: readonly HistoryEntry[];
  readonly next: { readonly at: string; readonly id: number } | null;
}
