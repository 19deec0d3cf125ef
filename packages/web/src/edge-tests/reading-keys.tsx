/** Readings by key: the test asked next, its readings numbered; everywhere at once, exceptions by hand. */
import { ZONES, type EdgeTest } from '@patient-edge/core';
import styled from 'styled-components';
import { useKeys } from '../theme/use-keys';
import type { TypedReadings } from './typed-readings';
import { STRINGS } from './strings';

const Keys = styled.p`
  color: var(--ink-soft);
  & kbd {
    font: 600 14px/1 var(--figures);
    border: 1px solid var(--line);
    border-radius: 3px;
    padding: 2px 6px;
    color: var(--ink);
  }
`;

/** Whether all that is read of a test has been read. */
const isRead = ({ id, at }: EdgeTest, typed: TypedReadings): boolean =>
  at === 'blade'
    ? typed.blade[id] !== undefined
    : ZONES.every((zone) => typed[zone].classes[id] !== undefined);

/** The same reading everywhere, or once for the blade; null takes it back. */
export const withReading = (
  typed: TypedReadings,
  { id, at }: EdgeTest,
  read: string | null,
): TypedReadings => {
  const changed = (classes: TypedReadings['blade']): TypedReadings['blade'] => {
    const others = Object.fromEntries(Object.entries(classes).filter(([test]) => test !== id));
    return read === null ? others : { ...others, [id]: read };
  };
  return at === 'blade'
    ? { ...typed, blade: changed(typed.blade) }
    : ZONES.reduce<TypedReadings>(
        (all, zone) => ({
          ...all,
          [zone]: { ...all[zone], classes: changed(all[zone].classes) },
        }),
        typed,
      );
};

interface ReadingKeysProps {
  /** Those that count and are read as classes, in their order. */
  readonly tests: readonly EdgeTest[];
  readonly typed: TypedReadings;
  readonly onTyped: (typed: TypedReadings) => void;
  /** Null while it does not pass. */
  readonly onPass: (() => void) | null;
}

export const ReadingKeys = ({ tests, typed, onTyped, onPass }: ReadingKeysProps) => {
  const asked = tests.find((test) => !isRead(test, typed));
  const last = tests.slice(0, asked ? tests.indexOf(asked) : undefined).at(-1);
  useKeys((key) => {
    if (key === 'p') return onPass ?? undefined;
    if (key === 'u') return last && (() => onTyped(withReading(typed, last, null)));
    const reading = /^[1-9]$/.test(key) ? asked?.classes[Number(key) - 1] : undefined;
    return asked && reading && (() => onTyped(withReading(typed, asked, reading.id)));
  });
  return (
    <Keys>
      {asked && (
        <>
          {asked.label}:{' '}
          {asked.classes.map(({ id }, index) => (
            <span key={id}>
              <kbd>{index + 1}</kbd> {id}{' '}
            </span>
          ))}
        </>
      )}
      {last && (
        <>
          <kbd>u</kbd> {STRINGS.undo}{' '}
        </>
      )}
      {onPass && (
        <>
          <kbd>p</kbd> {STRINGS.pass}
        </>
      )}
    </Keys>
  );
};
