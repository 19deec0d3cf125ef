/** A customer chosen by typing: letters of the name, or digits of the telephone. */
import type { Customer } from '@patient-edge/contract';
import { useDeferredValue, useState } from 'react';
import { useSearch } from '../api/hooks';
import { SearchBox } from '../theme/search-box';
import { STRINGS } from './strings';

interface CustomerPickerProps {
  readonly label: string;
  readonly chosen: Customer | null;
  readonly error?: string | undefined;
  readonly onChoose: (id: number | null) => void;
}

export const CustomerPicker = ({ label, chosen, error, onChoose }: CustomerPickerProps) => {
  const [typed, setTyped] = useState<string | null>(null);
  const { data: found } = useSearch(useDeferredValue(typed ?? ''));
  const searching = typed !== null && typed.trim() !== '';
  const customers = searching ? (found?.customers ?? []) : [];
  return (
    <SearchBox
      label={label}
      items={customers.map(({ id, name, trade, phone }) => ({
        id: String(id),
        label: name,
        detail: [trade, phone].filter(Boolean).join(', '),
      }))}
      typed={typed ?? chosen?.name ?? ''}
      selected={chosen ? String(chosen.id) : null}
      onType={setTyped}
      onChoose={(id) => {
        setTyped(null);
        onChoose(Number(id));
      }}
      onLeave={() => {
        // What was typed without choosing anybody chooses nobody.
        if (typed !== null && typed.trim() === '') onChoose(null);
        setTyped(null);
      }}
      placeholder={STRINGS.nameOrTelephone}
      whenEmpty={searching ? STRINGS.noMatch : STRINGS.typeANameOrTelephone}
      error={error}
    />
  );
};
