/** One customer and their blades. */
import {
  MAY_WRITE,
  MOST_PHONES,
  type CustomerBody,
  type CustomerRecord,
  type Phone,
} from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { useMemo, useState } from 'react';
import { Controller, useFieldArray } from 'react-hook-form';
import { Link, useNavigate, useParams } from 'react-router';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useCustomer, refreshCustomers } from '../api/hooks';
import { useMay } from '../api/may';
import { Hung } from '../instruments/hung';
import { Silhouette } from '../instruments/silhouette';
import { Columns } from '../theme/columns';
import { FormText } from '../theme/form-fields';
import { dayAndYear } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { Checkbox } from '../theme/checkbox';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { CustomerPicker } from './customer-picker';
import { StatementSheet } from './statement-sheet';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { STRINGS } from './strings';

const CustomerPage = () => {
  const { customerId = '' } = useParams();
  const { data: record, error } = useCustomer(customerId);
  if (!record) {
    return <Waiting error={error} text={STRINGS.loadingCustomer} />;
  }
  return <Customer key={record.customer.id} record={record} />;
};

interface CustomerValues extends Omit<CustomerBody, 'phones'> {
  phones: Phone[];
}

const valuesOf = ({
  customer,
  phones,
  email,
  mayWrite,
  onAccount,
}: CustomerRecord): CustomerValues => {
  const { name, trade, note, edgesLiked } = customer;
  return { name, trade, note, edgesLiked, phones: [...phones], email, mayWrite, onAccount };
};

const Customer = ({ record }: { record: CustomerRecord }) => {
  const { customer, blades, erasedAt } = record;
  return (
    <Stack $gap={16}>
      <div>
        <PageHeading title={customer.name} />
        <MutedText>
          {customer.trade === '' ? '' : `${customer.trade} · `}
          <Link to={`/history?subject=customer&subjectId=${customer.id}`}>{STRINGS.history}</Link>
        </MutedText>
      </div>
      {customer.edgesLiked !== '' && <Notice>{STRINGS.likes(customer.edgesLiked)}</Notice>}
      <Panel>
        <Stack>
          <h2>{STRINGS.blades}</h2>
          <Hung>
            {blades.map((blade) => (
              <li key={blade.id}>
                <Link to={`/blades/${blade.id}`}>
                  <Silhouette measures={blade.measures} scale={0.7} />
                  {blade.name || bladeKind(blade.measures.kindId).label}
                </Link>
              </li>
            ))}
          </Hung>
        </Stack>
      </Panel>
      {erasedAt === null ? (
        <>
          <CorrectCustomer record={record} />
          <StatementSheet customerId={customer.id} onAccount={record.onAccount} />
          <OneAndTheSame record={record} />
          <Forget record={record} />
        </>
      ) : (
        <Notice>{STRINGS.everythingPersonalWasErasedOnThe(dayAndYear(erasedAt))}</Notice>
      )}
    </Stack>
  );
};

const keepRecord = async (record: CustomerRecord): Promise<void> => {
  await mutate(`/customers/${record.customer.id}`, record, { revalidate: false });
  void refreshCustomers();
};

const CorrectCustomer = ({ record }: { record: CustomerRecord }) => {
  const { customer, version } = record;
  const held = useMemo(() => valuesOf(record), [record]);
  const kept = useKeptForm<CustomerValues>({
    name: `customer ${customer.id}`,
    held,
    send: async (typed) =>
      keepRecord(
        await request<CustomerRecord>('PUT', `/customers/${customer.id}`, { ...typed, version }),
      ),
  });
  const { control } = kept.form;
  const numbers = useFieldArray({ control, name: 'phones' });
  return (
    <Panel aria-label={STRINGS.edit}>
      <KeptFormView
        kept={kept}
        save={STRINGS.save}
        beside={
          numbers.fields.length < MOST_PHONES && (
            <QuietButton onPress={() => numbers.append({ label: '', number: '' })}>
              {STRINGS.addPhone}
            </QuietButton>
          )
        }
      >
        <Stack>
          <h2>{STRINGS.edit}</h2>
          <Columns $columns={4}>
            <FormText control={control} name="name" label={STRINGS.name} />
            <FormText control={control} name="trade" label={STRINGS.trade} />
            <FormText control={control} name="note" label={STRINGS.note} />
            <FormText control={control} name="edgesLiked" label={STRINGS.howTheyLikeTheirEdges} />
            <FormText control={control} name="email" label={STRINGS.eMail} />
            <Controller
              control={control}
              name="mayWrite"
              render={({ field }) => (
                <SegmentedControl
                  label={STRINGS.mayBeWrittenTo}
                  options={options(MAY_WRITE)}
                  value={field.value}
                  onChange={field.onChange}
                />
              )}
            />
            <Controller
              control={control}
              name="onAccount"
              render={({ field }) => (
                <Checkbox value={field.value} onChange={field.onChange}>
                  {STRINGS.paysByTheMonthAlone}
                </Checkbox>
              )}
            />
          </Columns>
          {record.mayWriteSince !== null && (
            <MutedText>
              {STRINGS.on(
                record.mayWrite === 'yes' ? STRINGS.saidYes : STRINGS.saidNo,
                dayAndYear(record.mayWriteSince),
              )}
            </MutedText>
          )}
          {numbers.fields.map((field, index) => (
            <Row key={field.id} $align="end">
              <FormText
                control={control}
                name={`phones.${index}.number`}
                label={STRINGS.telephoneNumbered(index + 1)}
                kind="tel"
              />
              <FormText
                control={control}
                name={`phones.${index}.label`}
                label={STRINGS.whoseOrWhen}
              />
              <QuietButton onPress={() => numbers.remove(index)}>
                <span>
                  {STRINGS.leaveOut}
                  <span className="unseen"> {STRINGS.telephoneWithin(index + 1)}</span>
                </span>
              </QuietButton>
            </Row>
          ))}
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

/** Two records of one person: this one goes, its blades and all it says go to the other. */
const OneAndTheSame = ({ record }: { record: CustomerRecord }) => {
  const navigate = useNavigate();
  const maySeeMoney = useMay('see money');
  const [into, setInto] = useState<number | null>(null);
  const { data: other } = useCustomer(into);
  const [problem, setProblem] = useState<string | null>(null);
  if (!maySeeMoney) return null;
  const merge = async (): Promise<void> => {
    setProblem(null);
    try {
      const merged = await request<CustomerRecord>(
        'POST',
        `/customers/${record.customer.id}/merge`,
        { version: record.version, intoId: into },
      );
      await keepRecord(merged);
      await navigate(`/customers/${merged.customer.id}`, { replace: true });
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Panel aria-label={STRINGS.theSamePersonTwice}>
      <Stack>
        <h2>{STRINGS.theSamePersonTwiceAlone}</h2>
        <Row $align="end">
          <div style={{ width: 320 }}>
            <CustomerPicker
              label={STRINGS.whoStays}
              chosen={other?.customer ?? null}
              onChoose={setInto}
            />
          </div>
          <QuietButton isDisabled={!other} onPress={() => void merge()}>
            {STRINGS.mergeInto(record.customer.name, other?.customer.name ?? '…')}
          </QuietButton>
          {!other && <MutedText>{STRINGS.chooseWhoStays}</MutedText>}
        </Row>
        {other && (
          <MutedText>
            {STRINGS.toWithTelephonesAndNotesAnd(
              record.blades.length,
              record.blades.length === 1 ? STRINGS.bladeGoes : STRINGS.bladesGo,
              other.customer.name,
              record.customer.name,
            )}
          </MutedText>
        )}
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
      </Stack>
    </Panel>
  );
};

/** Forgetting a person for good: typed out, because it cannot be taken back. */
const Forget = ({ record }: { record: CustomerRecord }) => {
  const mayErase = useMay('erase customers');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  if (!mayErase) return null;
  const erase = async (): Promise<void> => {
    setProblem(undefined);
    try {
      const erased = await request<CustomerRecord>(
        'POST',
        `/customers/${record.customer.id}/erase`,
        { version: record.version, name },
      );
      await keepRecord(erased);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Panel aria-label={STRINGS.forgetThisPerson}>
      <Stack>
        <h2>{STRINGS.forgetThisPerson}</h2>
        <MutedText>{STRINGS.nameTelephonesNotesAndWhatThey}</MutedText>
        <Row $align="end">
          <div style={{ width: 320 }}>
            <TextEntry
              label={STRINGS.typeToErase(record.customer.name)}
              value={name}
              onChange={setName}
              error={problem}
            />
          </div>
          <QuietButton onPress={() => void erase()}>{STRINGS.eraseForGood}</QuietButton>
        </Row>
      </Stack>
    </Panel>
  );
};

export default CustomerPage;
