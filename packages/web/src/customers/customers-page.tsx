/** Those who bring blades, found by name, trade or telephone; and blades by their name or tag. */
import type { Customer, FoundBlade } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { useCustomers, useSearch } from '../api/hooks';
import { Hung } from '../instruments/hung';
import { Silhouette } from '../instruments/silhouette';
import { QuietButton } from '../theme/buttons';
import { Panel, MutedText, Stack } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const CustomersPage = () => {
  const { data: pages, error, size, setSize, isValidating } = useCustomers();
  const [typed, setTyped] = useState('');
  const wanted = useDeferredValue(typed);
  const { data: found } = useSearch(wanted);
  if (!pages) return <Waiting error={error} text={STRINGS.loadingCustomers} />;
  const searching = typed.trim() !== '';
  const customers = searching
    ? (found?.customers ?? [])
    : pages.flatMap(({ customers }) => customers);
  const hasMore = !searching && pages.at(-1)?.next !== null;
  return (
    <Stack $gap={16}>
      <PageHeading title={STRINGS.customers} />
      <div style={{ maxWidth: 420 }}>
        <TextEntry label={STRINGS.findACustomerPhoneBladeOr} value={typed} onChange={setTyped} />
      </div>
      {searching && found && found.blades.length > 0 && <Blades blades={found.blades} />}
      <Panel aria-label={STRINGS.customers}>
        <Customers customers={customers} />
        {searching && found && customers.length === 0 && (
          <p>{STRINGS.noMatchAddNewCustomersWhen}</p>
        )}
        {hasMore && (
          <QuietButton isDisabled={isValidating} onPress={() => void setSize(size + 1)}>
            {STRINGS.showMore}
          </QuietButton>
        )}
        {!searching && customers.length === 0 && <p>{STRINGS.noCustomersYetAddThemWhen}</p>}
      </Panel>
    </Stack>
  );
};

const Customers = ({ customers }: { customers: readonly Customer[] }) => (
  <table>
    <thead>
      <tr>
        <th scope="col">{STRINGS.name}</th>
        <th scope="col">{STRINGS.trade}</th>
        <th scope="col">{STRINGS.telephone}</th>
        <th scope="col">{STRINGS.note}</th>
      </tr>
    </thead>
    <tbody>
      {customers.map(({ id, name, trade, phone, note, edgesLiked }) => (
        <tr key={id}>
          <td>
            <Link to={`/customers/${id}`}>{name}</Link>
          </td>
          <td>{trade}</td>
          <td>{phone}</td>
          <td>{[note, edgesLiked].filter(Boolean).join(' · ')}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

const Blades = ({ blades }: { blades: readonly FoundBlade[] }) => (
  <Panel aria-label={STRINGS.bladesFound}>
    <Hung>
      {blades.map(({ id, name, measures, customer, jobId, tagNumber }) => (
        <li key={id}>
          <Link to={jobId === null ? `/blades/${id}` : `/jobs/${jobId}`}>
            <Silhouette measures={measures} scale={0.6} />
            <span>
              {tagNumber !== null && STRINGS.tag(tagNumber)}
              {name || bladeKind(measures.kindId).label}
            </span>
          </Link>
          <MutedText>{customer}</MutedText>
        </li>
      ))}
    </Hung>
  </Panel>
);

export default CustomersPage;
