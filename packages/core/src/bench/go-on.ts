/**
 * What a step still wants, one thing at a time, with the usual answer: the pedal that goes on gives it. Each is said on
 * screen before it is pressed, and undone like any other.
 */
import type { BurrPolicy } from '../plan/choices';
import type { Zone } from '../geometry';
import type { BurrGate } from '../plan/steps';
import type { BenchAsk, BenchAskCode } from './asks';
import type { BladeSide, BurrCheck, BurrFinding } from './session';
import { named } from '../text';
import { STRINGS } from './strings';

export type GoOn =
  | { readonly does: 'start'; readonly text: string }
  | {
      readonly does: 'burr';
      readonly side: BladeSide;
      readonly finding: BurrFinding;
      readonly text: string;
    }
  | { readonly does: 'show'; readonly code: BenchAskCode; readonly text: string }
  | { readonly does: 'leave'; readonly text: string };

interface GoOnInput {
  readonly gate: BurrGate;
  readonly policy: BurrPolicy;
  readonly burr: BurrCheck;
  readonly burrOn: readonly BladeSide[];
  readonly zones: readonly Zone[];
  readonly asks: readonly BenchAsk[];
  /** Codes that are ticked or read already. */
  readonly shown: readonly BenchAskCode[];
  readonly isBegun: boolean;
}

/**
 * The finding a step usually ends with.
 *
 * @example
 * usualFinding('gone', 'none'); // "none"
 */
export const usualFinding = (gate: BurrGate, policy: BurrPolicy): BurrFinding =>
  gate === 'gone' && policy === 'none' ? 'none' : 'slight';

/**
 * The next thing wanted: the clock, the burr side by side, each thing asked, then the way out.
 *
 * @example
 * goOn({ gate: 'no check', policy: 'none', burr: { right: {}, left: {} }, burrOn: [], zones: [], asks: [], shown: [], isBegun: true }).does; // "leave"
 */
export const goOn = ({
  gate,
  policy,
  burr,
  burrOn,
  zones,
  asks,
  shown,
  isBegun,
}: GoOnInput): GoOn => {
  if (!isBegun) return { does: 'start', text: STRINGS.startTheClock };
  if (gate !== 'no check') {
    const open = burrOn.find((side) => zones.some((zone) => burr[side][zone] === undefined));
    if (open !== undefined) {
      const finding = usualFinding(gate, policy);
      return {
        does: 'burr',
        side: open,
        finding,
        text: STRINGS.burrOnThe(
          named(open),
          finding === 'none' ? STRINGS.noneAnywhere : STRINGS.everywhere(named(finding)),
        ),
      };
    }
  }
  const ask = asks.find(({ code }) => !shown.includes(code));
  if (ask) return { does: 'show', code: ask.code, text: ask.text };
  return { does: 'leave', text: STRINGS.doneNextStep };
};
