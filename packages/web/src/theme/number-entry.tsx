/** A number that is typed: a length in the unit of the shop, anything else as it stands. */
import { lengthNumber, millimetresOf } from '@patient-edge/core';
import { useState } from 'react';
import { FieldLabel, Hint, Wrong } from './field-look';
import { inUnits, mmNumber, parseNumber } from './format';
import { formats } from './formats';
import { StyledField, StyledInput, type EntryProps } from './text-fields';

/** A label that ends so says that its field holds a length. */
const IS_LENGTH = /, mm\b/;

/** Numbers of a refusal about a length, said as it was typed. */
const refusedInInches = (error: string): string =>
  error
    .replaceAll(/\d+(?:\.\d+)?/g, (number) => mmNumber(Number(number), 1))
    .replaceAll(/, mm\b/g, ', in');

/**
 * A length is typed in the unit of the shop and given on in millimetres; what is typed stays typed as long as it means
 * the same.
 */
const useTypedLength = (
  isLength: boolean,
  value: string,
  onChange: (value: string) => void,
): readonly [string, (typed: string) => void] => {
  const [typed, setTyped] = useState<string | null>(null);
  const unit = formats().length;
  if (!isLength || unit === 'mm') return [value, onChange];
  const inMm = (text: string): string => {
    const number = parseNumber(text);
    return number === null ? text : String(millimetresOf(number, unit));
  };
  const held = parseNumber(value);
  const shown =
    typed !== null && inMm(typed) === value
      ? typed
      : held === null
        ? value
        : String(Number(lengthNumber(held, 2, unit)));
  return [
    shown,
    (next) => {
      setTyped(next);
      onChange(inMm(next));
    },
  ];
};

/** A number as it is typed; a comma or a point divides the decimals. What is typed stays typed. */
export const NumberEntry = ({
  label,
  error,
  hint,
  value,
  onChange,
  onBlur,
  name,
  hideLabel = false,
}: EntryProps) => {
  const isLength = IS_LENGTH.test(label);
  const [shown, type] = useTypedLength(isLength, value, onChange);
  const isInches = isLength && formats().length === 'in';
  return (
    <StyledField
      value={shown}
      onChange={type}
      onBlur={onBlur}
      name={name}
      inputMode="decimal"
      isInvalid={error !== undefined}
      validationBehavior="aria"
      autoComplete="off"
    >
      <FieldLabel className={hideLabel ? 'unseen' : undefined}>{inUnits(label)}</FieldLabel>
      <StyledInput $figures />
      {hint !== undefined && <Hint slot="description">{inUnits(hint)}</Hint>}
      <Wrong>{isInches && error ? refusedInInches(error) : error}</Wrong>
    </StyledField>
  );
};
