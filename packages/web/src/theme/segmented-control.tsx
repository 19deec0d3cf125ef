/** One of a few, all in sight. */
import { Check } from 'lucide-react';
import { Radio, RadioGroup } from 'react-aria-components/RadioGroup';
import styled from 'styled-components';
import { FieldLabel, fieldLook, Hint, Wrong } from './field-look';
import type { PickProps } from './options';

const Segments = styled(RadioGroup)`
  ${fieldLook}
  & > [data-segments] {
    display: flex;
    flex-wrap: wrap;
    gap: 0;
  }
`;
const Segment = styled(Radio)<{ $large?: boolean }>`
  position: relative;
  min-height: ${({ $large }) => ($large ? 52 : 44)}px;
  padding: 8px 14px;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  border: 1px solid var(--steel-deep);
  margin: 0 -1px -1px 0;
  cursor: pointer;
  background: var(--page);
  &[data-selected] {
    background: var(--accent);
    color: var(--accent-ink);
    font-weight: 600;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--accent);
    outline-offset: 2px;
    z-index: 1;
  }
`;

interface ChoiceProps<Id extends string> extends PickProps<Id> {
  readonly large?: boolean;
}

export const SegmentedControl = <Id extends string>({
  label,
  options,
  value,
  onChange,
  error,
  hint,
  hideLabel = false,
  large = false,
}: ChoiceProps<Id>) => (
  <Segments
    value={value}
    onChange={(key) => {
      const chosen = options.find(({ id }) => id === key);
      if (chosen) onChange(chosen.id);
    }}
    isInvalid={error !== undefined}
    validationBehavior="aria"
    orientation="horizontal"
  >
    <FieldLabel className={hideLabel ? 'unseen' : undefined}>{label}</FieldLabel>
    <div data-segments="">
      {options.map(({ id, label: text }) => (
        <Segment key={id} value={id} $large={large}>
          {value === id && <Check size={16} aria-hidden />}
          {text}
        </Segment>
      ))}
    </div>
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
  </Segments>
);
