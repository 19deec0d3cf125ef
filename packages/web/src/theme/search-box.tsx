/** A box one types into and chooses from what was found: by letters of a fixed list, or asked of the server. */
import { useState, type ReactNode, type Ref } from 'react';
import { ChevronDown } from 'lucide-react';
import {
  Button,
  ComboBox,
  FieldError,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  Popover,
  useFilter,
} from 'react-aria-components';
import styled from 'styled-components';
import { inputLook } from './field-look';
import { type Option } from './options';
import { STRINGS } from './strings';

const Box = styled(ComboBox)`
  display: grid;
  gap: 4px;
  align-content: start;
  min-width: 0;
  & > label {
    font-weight: 600;
    font-size: 15px;
  }
  & input {
    ${inputLook}
    width: 100%;
  }
`;
const Typed = styled.div`
  position: relative;
  & > button {
    position: absolute;
    right: 0;
    top: 0;
    height: 100%;
    width: 44px;
    display: grid;
    place-items: center;
    background: none;
    border: none;
    color: var(--ink);
    cursor: pointer;
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
  font-weight: 600;
  font-size: 14px;
`;
const Empty = styled.p`
  padding: 9px 13px;
`;

export interface FoundItem {
  readonly id: string;
  readonly label: string;
  readonly detail?: string | undefined;
  /** In place of the words. */
  readonly drawn?: ReactNode;
}

interface SearchBoxProps {
  readonly label: string;
  readonly items: readonly FoundItem[];
  readonly typed: string;
  readonly selected: string | null;
  readonly onType: (typed: string) => void;
  readonly onChoose: (id: string) => void;
  readonly onLeave?: () => void;
  readonly placeholder?: string;
  readonly whenEmpty: string;
  readonly error?: string | undefined;
  readonly inputRef?: Ref<HTMLInputElement>;
  /** The whole list can be opened before anything is typed. */
  readonly listable?: boolean;
}

export const SearchBox = ({
  label,
  items,
  typed,
  selected,
  onType,
  onChoose,
  onLeave,
  placeholder,
  whenEmpty,
  error,
  inputRef,
  listable = false,
}: SearchBoxProps) => (
  <Box
    items={items}
    inputValue={typed}
    selectedKey={selected}
    allowsEmptyCollection
    isInvalid={error !== undefined}
    validationBehavior="aria"
    onInputChange={(next) => {
      if (next !== typed) onType(next);
    }}
    onSelectionChange={(key) => {
      if (key !== null) onChoose(String(key));
    }}
    onBlur={() => onLeave?.()}
  >
    <Label>{label}</Label>
    <Typed>
      <Input placeholder={placeholder} {...(inputRef === undefined ? {} : { ref: inputRef })} />
      {listable && (
        <Button>
          <ChevronDown size={18} aria-hidden />
        </Button>
      )}
    </Typed>
    <Wrong>{error}</Wrong>
    <List>
      <ListBox items={items} renderEmptyState={() => <Empty>{whenEmpty}</Empty>}>
        {(item: FoundItem) => (
          <Item id={item.id} textValue={item.label}>
            {item.drawn ?? item.label}
            {item.detail !== undefined && item.detail !== '' && <small>{item.detail}</small>}
          </Item>
        )}
      </ListBox>
    </List>
  </Box>
);

interface TypeAheadProps {
  readonly label: string;
  readonly options: readonly Option<string>[];
  readonly value: string;
  readonly onChange: (id: string) => void;
  readonly error?: string | undefined;
  readonly inputRef?: Ref<HTMLInputElement>;
}

/** One of a long list, found by its letters; leaving it half typed keeps what was chosen. */
export const TypeAhead = ({ label, options, value, onChange, error, inputRef }: TypeAheadProps) => {
  const [typed, setTyped] = useState<string | null>(null);
  const { contains } = useFilter({ sensitivity: 'base' });
  const chosen = options.find(({ id }) => id === value);
  const items =
    typed === null || typed.trim() === ''
      ? options
      : options.filter((each) => contains(`${each.label} ${each.detail ?? ''}`, typed.trim()));
  return (
    <SearchBox
      label={label}
      items={items}
      typed={typed ?? chosen?.label ?? ''}
      selected={value}
      onType={setTyped}
      onChoose={(id) => {
        setTyped(null);
        onChange(id);
      }}
      onLeave={() => {
        // One left of what was typed is what was meant.
        if (typed !== null && typed.trim() !== '' && items.length === 1) onChange(items[0]!.id);
        setTyped(null);
      }}
      whenEmpty={STRINGS.noMatch}
      error={error}
      listable
      {...(inputRef === undefined ? {} : { inputRef })}
    />
  );
};
