/** An owner chosen by typing: letters of the name, or digits of the telephone. */
import type { Customer } from '@patient-edge/contract';
import { useDeferredValue, useState } from 'react';
import {
  ComboBox,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  Popover,
  FieldError,
} from 'react-aria-components';
import styled from 'styled-components';
import { useSearch } from '../api/hooks';
import { inputLook } from '../theme/parts';

const Box = styled(ComboBox)`
  display: grid;
  gap: 4px;
  & > label {
    font-weight: 600;
    font-size: 15px;
  }
  & input {
    ${inputLook}
    width: 100%;
  }
`;
const List = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--steel-deep);
  min-width: var(--trigger-width);
  max-height: 420px;
  overflow: auto;
  box-shadow: 0 8px 28px rgb(0 20 30 / 22%);
`;
const Item = styled(ListBoxItem)`
  padding: 9px 13px;
  cursor: pointer;
  display: grid;
  &[data-focused] {
    background: var(--accent-soft);
  }
  & small {
    color: var(--ink-soft);
  }
`;
const Wrong = styled(FieldError)`
  color: var(--cut);
  font-size: 14.5px;
`;

interface OwnerPickerProps {
  readonly label: string;
  readonly chosen: Customer | null;
  readonly error?: string | undefined;
  readonly onChoose: (id: number | null) => void;
}

export const OwnerPicker = ({ label, chosen, error, onChoose }: OwnerPickerProps) => {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? chosen?.name ?? '';
  const { data: found } = useSearch(useDeferredValue(typed ?? ''));
  const owners = typed === null || typed.trim() === '' ? [] : (found?.owners ?? []);
  return (
    <Box
      items={owners}
      inputValue={shown}
      selectedKey={chosen?.id ?? null}
      allowsEmptyCollection
      isInvalid={error !== undefined}
      validationBehavior="aria"
      onInputChange={(next) => {
        if (next === shown) return;
        setTyped(next);
      }}
      onSelectionChange={(key) => {
        if (key === null) return;
        setTyped(null);
        onChoose(Number(key));
      }}
      onBlur={() => {
        // What was typed without choosing anybody chooses nobody.
        if (typed !== null && typed.trim() === '') onChoose(null);
        setTyped(null);
      }}
    >
      <Label>{label}</Label>
      <Input placeholder="Name or telephone" />
      <Wrong>{error}</Wrong>
      <List>
        <ListBox
          items={owners}
          renderEmptyState={() => (
            <p style={{ padding: '9px 13px' }}>
              {typed === null || typed.trim() === ''
                ? 'Type a name or telephone.'
                : 'Nobody like that.'}
            </p>
          )}
        >
          {(owner: Customer) => (
            <Item id={owner.id} textValue={owner.name}>
              {owner.name}
              <small>{[owner.trade, owner.phone].filter(Boolean).join(', ')}</small>
            </Item>
          )}
        </ListBox>
      </List>
    </Box>
  );
};
