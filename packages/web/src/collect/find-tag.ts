/** Which blade a tag belongs to, read or scanned, and what to say where it is none to hand over. */
import { named } from '@patient-edge/core';
import type { BoardJob, ReadyBlade } from '@patient-edge/contract';
import { STRINGS } from './strings';

export type Scanned =
  | { readonly is: 'tag'; readonly tagNumber: number }
  /** The code of a tag of ours. */
  | { readonly is: 'job'; readonly jobId: number }
  /** The code of a customer's ticket. */
  | { readonly is: 'page'; readonly token: string };

/**
 * What was typed or stands in a code; null where it is none of ours. Only the path counts: a shop may be reached by
 * several names.
 */
export const readCode = (text: string): Scanned | null => {
  const typed = text.trim();
  if (/^\d{1,4}$/.test(typed)) return { is: 'tag', tagNumber: Number(typed) };
  const job = /^https?:\/\/[^/\s]+\/jobs\/(\d{1,9})\/?$/.exec(typed);
  if (job) return { is: 'job', jobId: Number(job[1]) };
  const page = /^https?:\/\/[^\s]+\/v\/([\w-]{43})$/.exec(typed);
  return page ? { is: 'page', token: page[1]! } : null;
};

export type FoundTag =
  { readonly ok: true; readonly blade: ReadyBlade } | { readonly ok: false; readonly says: string };

/** Of the blades that are ready, or why it is not among them. */
export const findTag = (
  wanted: { readonly tagNumber: number } | { readonly jobId: number },
  ready: readonly ReadyBlade[],
  inShop: readonly BoardJob[],
): FoundTag => {
  const isIt = (blade: { readonly tagNumber: number; readonly jobId: number }): boolean =>
    'tagNumber' in wanted ? blade.tagNumber === wanted.tagNumber : blade.jobId === wanted.jobId;
  const blade = ready.find(isIt);
  if (blade) return { ok: true, blade };
  const here = inShop.find(isIt);
  if (here)
    return {
      ok: false,
      says: STRINGS.tagHangsOnSBladeWhich(here.tagNumber, here.customer, named(here.stage)),
    };
  return {
    ok: false,
    says:
      'tagNumber' in wanted
        ? STRINGS.noBladeInTheShopHangs(wanted.tagNumber)
        : STRINGS.theBladeOfThisTagIs,
  };
};

/** An amount shared out over what is to pay for each, in order: what is left over nobody owes. */
export const shareOut = <Line extends { readonly toPayMinor: number }>(
  lines: readonly Line[],
  amountMinor: number,
): readonly (Line & { readonly amountMinor: number })[] => {
  let left = amountMinor;
  return lines.map((line) => {
    const amount = Math.min(left, line.toPayMinor);
    left -= amount;
    return { ...line, amountMinor: amount };
  });
};
