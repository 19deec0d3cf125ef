/** One of a list. */
import { ChevronDown } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select as AriaSelect, SelectValue } from 'react-aria-components/Select';
import { Text } from 'react-aria-components/Text';
import styled from 'styled-components';
import { FieldLabel, fieldLook, Hint, inputLook, Wrong } from './field-look';
import type { PickProps } from './options';
import { STRINGS } from './strings';

const StyledSelect = styled(AriaSelect)`
  ${fieldLook}
`;
const SelectButton = styled(Button)`
  ${inputLook}
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  & > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & [slot='description'] {
    display: none;
  }
`;
const SelectPopover = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--steel-deep);
  max-height: 420px;
  overflow: auto;
  min-width: var(--trigger-width);
  box-shadow: 0 8px 28px rgb(0 20 30 / 22%);
`;
const Item = styled(ListBoxItem)`
  padding: 9px 13px;
  cursor: pointer;
  display: grid;
  &[data-focused] {
    background: var(--accent-soft);
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

export const Select = <Id extends string>({
  label,
  options,
  value,
  onChange,
  error,
  hint,
  hideLabel = false,
}: PickProps<Id>) => (
  <StyledSelect
    value={value}
    onChange={(key) => {
      const chosen = options.find(({ id }) => id === key);
      if (chosen) onChange(chosen.id);
    }}
    isInvalid={error !== undefined}
    validationBehavior="aria"
    placeholder={STRINGS.choose}
  >
    <FieldLabel className={hideLabel ? 'unseen' : undefined}>{label}</FieldLabel>
    <SelectButton>
      <SelectValue />
      <ChevronDown size={18} aria-hidden />
    </SelectButton>
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
    <SelectPopover>
      <ListBox>
        {options.map(({ id, label: text, detail }) => (
          <Item key={id} id={id} textValue={text}>
            <Text slot="label">{text}</Text>
            {detail !== undefined && <Hint slot="description">{detail}</Hint>}
          </Item>
        ))}
      </ListBox>
    </SelectPopover>
  </StyledSelect>
);
