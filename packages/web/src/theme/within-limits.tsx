/** A number within limits, kept as it is typed, passed on when it is right. */
import { useState } from 'react';
import { parseNumber } from './format';
import { NumberEntry } from './number-entry';
import { STRINGS } from './strings';

interface WithinLimitsProps {
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly whole: boolean;
  /** Null where it may be left open. */
  readonly value: number | null;
  readonly onValue: (value: number) => void;
  /** Feedback when the field is emptied; without it an empty field is wrong. */
  readonly onOpen?: () => void;
  readonly hint?: string;
}

export const WithinLimits = (props: WithinLimitsProps) => {
  const { label, least, most, whole, value, onValue, onOpen, hint } = props;
  const [typed, setTyped] = useState(value === null ? '' : String(value));
  const fits = (text: string): number | null => {
    const number = parseNumber(text);
    return number !== null &&
      number >= least &&
      number <= most &&
      (!whole || Number.isInteger(number))
      ? number
      : null;
  };
  const isOpen = onOpen !== undefined && typed.trim() === '';
  return (
    <NumberEntry
      label={label}
      value={typed}
      hint={hint}
      error={
        !isOpen && fits(typed) === null
          ? STRINGS.fromToWasGiven(least, most, whole ? STRINGS.whole : '', typed)
          : undefined
      }
      onChange={(next) => {
        setTyped(next);
        const number = fits(next);
        if (number !== null) onValue(number);
        else if (next.trim() === '') onOpen?.();
      }}
    />
  );
};
