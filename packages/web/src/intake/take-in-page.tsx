/** Taking a blade in at the counter. What is typed is kept on this device until it is taken in or discarded. */
import type { Job } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { useEffect, useRef, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { request } from '../api/client';
import { keepJob, useBlade, useCustomer, useNextTag } from '../api/hooks';
import { OwnerPicker } from '../owners/owner-picker';
import { dropStored, readStored, writeStored } from '../api/stored';
import { dayAndYear } from '../theme/format';
import { FormNumber, FormPick, FormText } from '../theme/form-fields';
import { ActionButton, Choice, Notice, QuietButton, Row, Sheet, Soft, Stack } from '../theme/parts';
import { useSubmission } from '../theme/server-form';
import { Columns, INTAKE_FIELDS, IntakeFields } from './intake-fields';
import { emptyIntake, fromJob, toCustomerBody, toIntakeBody, type IntakeValues } from './values';

const DRAFT = 'intake draft';

interface Draft {
  readonly key: string;
  readonly values: IntakeValues;
}

const newDraft = (): Draft => ({ key: crypto.randomUUID(), values: emptyIntake() });

/** A draft of an older form may lack fields of this one. */
const openDraft = (): Draft => {
  const kept = readStored<Draft>(DRAFT);
  if (!kept) return newDraft();
  const empty = emptyIntake();
  const newCustomer = { ...empty.newCustomer, ...kept.values.newCustomer };
  return { ...kept, values: { ...empty, ...kept.values, newCustomer } };
};

const TakeInPage = () => {
  const [opened] = useState(openDraft);
  const [draftKey, setDraftKey] = useState(opened.key);
  const [wasKept, setWasKept] = useState(() => readStored<Draft>(DRAFT) !== null);
  const form = useForm<IntakeValues>({ defaultValues: opened.values });
  const values = useWatch({ control: form.control }) as IntakeValues;
  const navigate = useNavigate();
  const { busy, problem, submit } = useSubmission(form, INTAKE_FIELDS);

  useEffect(() => {
    if (form.formState.isDirty || wasKept) writeStored(DRAFT, { key: draftKey, values });
  }, [values, draftKey, form.formState.isDirty, wasKept]);

  const discard = (): void => {
    const fresh = newDraft();
    dropStored(DRAFT);
    setWasKept(false);
    setDraftKey(fresh.key);
    form.reset(fresh.values);
  };

  const send = (typed: IntakeValues): Promise<void> =>
    submit(async () => {
      const { body, problems } = toIntakeBody(typed);
      if (problems.length > 0) {
        for (const { field, message } of problems)
          form.setError(field as keyof IntakeValues, { message });
        throw new Error(`Not sent: ${problems[0]!.message}`);
      }
      const job = await request<Job>(
        'POST',
        '/jobs',
        {
          ...body,
          customerId: typed.ownerIsNew || typed.customerId === '' ? null : Number(typed.customerId),
          newCustomer: typed.ownerIsNew ? toCustomerBody(typed.newCustomer) : null,
          bladeId: typed.ownerIsNew || typed.bladeId === '' ? null : Number(typed.bladeId),
          tagNumber: /^\d+$/.test(typed.tagNumber.trim())
            ? Number(typed.tagNumber)
            : typed.tagNumber || undefined,
        },
        { 'Idempotency-Key': draftKey },
      );
      dropStored(DRAFT);
      await keepJob(job);
      await navigate(`/jobs/${job.id}/plan`);
    });

  return (
    <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
      <Stack $gap={16}>
        <Row>
          <h1>Take in a blade</h1>
          {wasKept && (
            <Row $gap={8}>
              <Soft>Going on with the draft kept on this device.</Soft>
              <QuietButton onPress={discard}>Discard the draft</QuietButton>
            </Row>
          )}
        </Row>
        <OwnerFields form={form} values={values} />
        <IntakeFields form={form} />
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton type="submit" isDisabled={busy}>
            Take it in on tag {values.tagNumber || '…'}
          </ActionButton>
        </Row>
      </Stack>
    </form>
  );
};

const OwnerFields = ({
  form,
  values,
}: {
  form: ReturnType<typeof useForm<IntakeValues>>;
  values: IntakeValues;
}) => {
  const [search] = useSearchParams();
  const { data: known } = useCustomer(
    values.ownerIsNew || values.customerId === '' ? null : values.customerId,
  );
  const { data: tag } = useNextTag();
  const wantedBlade = search.get('blade');
  const bladeId = values.bladeId === '' ? wantedBlade : values.bladeId;
  const { data: record } = useBlade(
    values.ownerIsNew || bladeId === null || bladeId === '' ? null : bladeId,
  );
  const filledFrom = useRef<number | null>(null);
  const { setValue, getValues } = form;

  useEffect(() => {
    if (tag && getValues('tagNumber') === '') setValue('tagNumber', String(tag.tagNumber));
  }, [tag, getValues, setValue]);

  // A blade that has been here brings its measures with it, once, and only into empty fields.
  useEffect(() => {
    if (!record || filledFrom.current === record.blade.id) return;
    filledFrom.current = record.blade.id;
    setValue('customerId', String(record.customer.id), { shouldDirty: true });
    setValue('bladeId', String(record.blade.id), { shouldDirty: true });
    if (getValues('edgeLengthMm') !== '') return;
    const filled = record.lastJob
      ? fromJob(record.lastJob, false)
      : {
          kindId: record.blade.measures.kindId,
          bladeName: record.blade.name,
          steel: record.blade.steel,
        };
    for (const [name, value] of Object.entries(filled)) {
      setValue(name as keyof IntakeValues, value, { shouldDirty: true });
    }
  }, [record, getValues, setValue]);

  const blades = (known?.blades ?? []).map(({ id, name, measures }) => ({
    id: String(id),
    label: name || bladeKind(measures.kindId).label,
    detail: `${bladeKind(measures.kindId).label}, ${measures.edgeLengthMm} mm`,
  }));
  const last = record?.lastJob;
  return (
    <Sheet aria-label="Owner">
      <Stack>
        <h2>Owner and tag</h2>
        <Columns $columns={3}>
          <Choice
            label="Owner"
            options={[
              { id: 'known', label: 'Known' },
              { id: 'new', label: 'New' },
            ]}
            value={values.ownerIsNew ? 'new' : 'known'}
            onChange={(choice) => setValue('ownerIsNew', choice === 'new', { shouldDirty: true })}
          />
          {values.ownerIsNew ? (
            <FormText control={form.control} name="newCustomer.name" label="Owner’s name" />
          ) : (
            <OwnerPicker
              label="Who brings it"
              chosen={known && values.customerId !== '' ? known.customer : null}
              error={form.formState.errors.customerId?.message}
              onChoose={(id) => {
                setValue('customerId', id === null ? '' : String(id), { shouldDirty: true });
                setValue('bladeId', '', { shouldDirty: true });
              }}
            />
          )}
          <FormNumber
            control={form.control}
            name="tagNumber"
            label="Tag number"
            hint="Hang it on the blade now"
          />
          {values.ownerIsNew && (
            <>
              <FormText control={form.control} name="newCustomer.trade" label="Trade" />
              <FormText
                control={form.control}
                name="newCustomer.phones.0.number"
                label="Telephone"
                kind="tel"
              />
              <FormText control={form.control} name="newCustomer.note" label="Note" />
              <FormText
                control={form.control}
                name="newCustomer.edgesLiked"
                label="How they like their edges"
              />
            </>
          )}
          {!values.ownerIsNew && blades.length > 0 && (
            <FormPick
              control={form.control}
              name="bladeId"
              label="Has it been here before?"
              options={[{ id: '', label: 'A blade not seen before' }, ...blades]}
            />
          )}
        </Columns>
        {known && known.customer.edgesLiked !== '' && !values.ownerIsNew && (
          <Notice>Likes: {known.customer.edgesLiked}</Notice>
        )}
        {last?.plan && (
          <Notice>
            Last here {dayAndYear(last.takenInAt)}: {last.plan.angleDeg.toFixed(1)}° per side ·{' '}
            {(2 * last.plan.angleDeg).toFixed(1)}° inclusive. Its measures were filled in; check the
            height and the thickness behind the edge again.
          </Notice>
        )}
      </Stack>
    </Sheet>
  );
};

export default TakeInPage;
