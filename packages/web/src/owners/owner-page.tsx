/** One owner and their blades. */
import type { Customer, CustomerBody, CustomerRecord } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { useForm } from 'react-hook-form';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useCustomer } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { FormText } from '../theme/form-fields';
import { Notice, QuietButton, Row, Sheet, Soft, Stack } from '../theme/parts';
import { useSubmission } from '../theme/server-form';
import { Waiting } from '../theme/waiting';

const Hung = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 16px 34px;
  align-items: end;
  & a {
    color: var(--ink);
    display: grid;
    gap: 4px;
  }
`;

const OwnerPage = () => {
  const { ownerId = '' } = useParams();
  const { data: record, error } = useCustomer(ownerId);
  if (!record) {
    return <Waiting error={error} words="Fetching the owner…" />;
  }
  return <Owner key={record.customer.id} record={record} />;
};

const Owner = ({ record }: { record: CustomerRecord }) => {
  const { customer, blades } = record;
  const { name, trade, phone, note } = customer;
  const form = useForm<CustomerBody>({ defaultValues: { name, trade, phone, note } });
  const { busy, problem, submit } = useSubmission(form, ['name', 'trade', 'phone', 'note']);
  const send = (body: CustomerBody): Promise<void> =>
    submit(async () => {
      const saved = await request<Customer>('PUT', `/customers/${customer.id}`, body);
      form.reset(body);
      await mutate(`/customers/${customer.id}`, { customer: saved, blades }, { revalidate: false });
      await mutate('/customers');
    });
  return (
    <Stack $gap={16}>
      <div>
        <h1>{name}</h1>
        <Soft>{trade}</Soft>
      </div>
      <Sheet>
        <Stack>
          <h2>Blades</h2>
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
      </Sheet>
      <Sheet>
        <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
          <Stack>
            <h2>Correct</h2>
            <Row $align="start">
              <FormText control={form.control} name="name" label="Name" />
              <FormText control={form.control} name="trade" label="Trade" />
              <FormText control={form.control} name="phone" label="Telephone" kind="tel" />
              <FormText control={form.control} name="note" label="Note" />
            </Row>
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <Row>
              <QuietButton type="submit" isDisabled={busy || !form.formState.isDirty}>
                Keep the correction
              </QuietButton>
            </Row>
          </Stack>
        </form>
      </Sheet>
    </Stack>
  );
};

export default OwnerPage;
