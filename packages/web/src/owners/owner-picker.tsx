/** An owner chosen by typing: letters of the name, or digits of the telephone. */
import type { Customer } from '@patient-edge/contract';
import { useDeferredValue, useState } from 'react';
import { useSearch } from '../api/hooks';
import { SearchBox } from '../theme/search-box';

interface OwnerPickerProps {
  readonly label: string;
  readonly chosen: Customer | null;
  readonly error?: string | undefined;
  readonly onChoose: (id: number | null) => void;
}

export const OwnerPicker = ({ label, chosen, error, onChoose }: OwnerPickerProps) => {
  const [typed, setTyped] = useState<string | null>(null);
  const { data: found } = useSearch(useDeferredValue(typed ?? ''));
  const searching = typed !== null && typed.trim() !== '';
  const owners = searching ? (found?.owners ?? []) : [];
  return (
    <SearchBox
      label={label}
      items={owners.map(({ id, name, trade, phone }) => ({
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
      placeholder="Name or telephone"
      whenEmpty={searching ? 'Nobody like that.' : 'Type a name or telephone.'}
      error={error}
    />
  );
};
