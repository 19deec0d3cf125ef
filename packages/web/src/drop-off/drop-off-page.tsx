/** Taking blades in at the counter, one or a crateful: customer once, then a line for each blade. */
import {
  LABEL_KINDS,
  type BladeRecord,
  type DropOffAnswer,
  type DropOffBody,
  type FoundBlade,
  type Job,
} from '@patient-edge/contract';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { mutate } from 'swr';
import { ApiFailure, isOffline, messageOf, request } from '../api/client';
import { keepJob, useBlade, useCustomer, useNextTag } from '../api/hooks';
import { dropStored, readStored, useStored, writeStored } from '../api/stored';
import { parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Waiting } from '../theme/waiting';
import { BladeList } from './blade-list';
import {
  bladeAfter,
  DRAFT,
  emptyBlade,
  freeTag,
  hangsOn,
  fromRecord,
  newDraft,
  openDraft,
  problemsOf,
  toDropOffBody,
  whatItBrings,
  type BladeValues,
  type CustomerValues,
} from './draft';
import { NextBlade } from './next-blade';
import { CustomerSheet } from './customer-sheet';
import { FindBlade, SeenBefore } from './seen-before';
import { TakenIn } from './taken-in';
import { PageHeading } from '../theme/page-heading';

/** As it was sent, until it is answered. */
const Held = styled.div`
  display: grid;
  gap: 14px;
  &[inert] {
    opacity: 0.55;
  }
`;

/** Whether the server decided: without that, what was sent may have been made all the same. */
const isAnswer = (error: unknown): boolean =>
  error instanceof ApiFailure && !isOffline(error) && ![401, 429].includes(error.status);

interface Done {
  readonly jobs: readonly Job[];
  /** Null when nothing was to be printed. */
  readonly printed: boolean | null;
}

/** The record of a blade may send its reader here with that blade in hand. */
const DropOffPage = () => {
  const [search] = useSearchParams();
  const bladeId = search.get('blade');
  const { data: record, error } = useBlade(bladeId);
  if (bladeId !== null && !record) return <Waiting error={error} words="Fetching the blade…" />;
  const tag = record ? hangsOn(record) : null;
  return (
    <DropOff
      key={bladeId}
      inHand={tag === null ? (record ?? null) : null}
      hint={tag === null ? null : `That blade is in the shop already, on tag ${tag}.`}
    />
  );
};

interface DropOffProps {
  readonly inHand: BladeRecord | null;
  /** What speaks against the blade one came here with. */
  readonly hint: string | null;
}

const DropOff = ({ inHand, hint }: DropOffProps) => {
  const [opened] = useState(() => openDraft(inHand));
  const [key, setKey] = useState(opened.key);
  const [wasKept, setWasKept] = useState(() => readStored(DRAFT) !== null);
  const [blades, setBlades] = useState<readonly BladeValues[]>(opened.blades);
  const [rowProblems, setRowProblems] = useState<Readonly<Record<number, string>>>({});
  const [problem, setProblem] = useState<string | null>(hint);
  const [sent, setSent] = useState<DropOffBody | null>(opened.sent);
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState<Done | null>(null);
  const [prints, setPrints] = useStored('prints labels', true);
  const customerForm = useForm<CustomerValues>({ defaultValues: opened.customer });
  const next = useForm<BladeValues>({ defaultValues: opened.next });
  const customerValues = useWatch({ control: customerForm.control }) as CustomerValues;
  const nextValues = useWatch({ control: next.control }) as BladeValues;
  const { data: tag } = useNextTag();
  const { data: known } = useCustomer(
    customerValues.customerIsNew || customerValues.customerId === ''
      ? null
      : customerValues.customerId,
  );
  const [brought, setBrought] = useState(() => inHand && whatItBrings(inHand));
  const navigate = useNavigate();
  const { setValue, getValues } = next;

  useEffect(() => {
    if (tag && getValues('tagNumber') === '')
      setValue('tagNumber', freeTag(tag.tagNumber, blades, tag.inUse));
  }, [tag, blades, getValues, setValue]);

  const touched =
    wasKept || blades.length > 0 || customerForm.formState.isDirty || next.formState.isDirty;
  useEffect(() => {
    if (touched && !done)
      writeStored(DRAFT, { key, customer: customerValues, next: nextValues, blades, sent });
  }, [touched, done, key, customerValues, nextValues, blades, sent]);

  /** A blade known from before is in hand: its record fills the line. */
  const bring = (record: BladeRecord): void => {
    customerForm.setValue('customerIsNew', false, { shouldDirty: true });
    customerForm.setValue('customerId', String(record.customer.id), { shouldDirty: true });
    for (const [name, value] of Object.entries(fromRecord(record)))
      setValue(name as keyof BladeValues, value, { shouldDirty: true });
    setBrought(whatItBrings(record));
  };
  const choose = async (bladeId: number): Promise<void> => {
    setProblem(null);
    try {
      bring(await request<BladeRecord>('GET', `/blades/${bladeId}`));
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const chooseFound = (blade: FoundBlade): void => {
    if (blade.tagNumber !== null) {
      setProblem(`That blade hangs here now, on tag ${blade.tagNumber}.`);
      return;
    }
    if (blades.length > 0 && customerValues.customerId !== String(blade.customerId)) {
      setProblem(`That blade belongs to ${blade.customer}; take these in first.`);
      return;
    }
    void choose(blade.id);
  };

  const reset = (values: BladeValues): void => {
    next.reset(values);
    setBrought(null);
  };
  const add = (): readonly BladeValues[] | null => {
    const blade = getValues();
    next.clearErrors();
    const problems = problemsOf(blade, blades);
    for (const { field, message } of problems)
      next.setError(field as keyof BladeValues, { message });
    if (problems.length > 0) return null;
    const list = [...blades, blade];
    setBlades(list);
    setRowProblems({});
    reset(bladeAfter(blade, freeTag(Number(blade.tagNumber) + 1, list, tag?.inUse)));
    return list;
  };
  const edit = (index: number): void => {
    const blade = blades[index]!;
    setBlades(blades.filter((_, each) => each !== index));
    setRowProblems({});
    reset(blade);
  };
  const discard = (): void => {
    const fresh = newDraft();
    dropStored(DRAFT);
    setWasKept(false);
    setKey(fresh.key);
    setSent(null);
    setBlades([]);
    setRowProblems({});
    setProblem(null);
    customerForm.reset(fresh.customer);
    reset({ ...emptyBlade(), tagNumber: tag ? String(tag.tagNumber) : '' });
  };

  const refuse = (error: unknown): void => {
    if (!isAnswer(error)) {
      setProblem(`${messageOf(error)} “Send again” repeats exactly what was sent.`);
      return;
    }
    // Answered: nothing was made of it, and it may be changed. A key that made something else is used up.
    setSent(null);
    if (error instanceof ApiFailure && error.code === 'KEY_USED') setKey(crypto.randomUUID());
    const fields = error instanceof ApiFailure ? error.fields : [];
    const rows: Record<number, string> = {};
    for (const { field, message } of fields) {
      const row = /^blades\.(\d+)/.exec(field);
      if (row) rows[Number(row[1])] = message;
      else customerForm.setError(field as keyof CustomerValues, { message });
    }
    setRowProblems(rows);
    setProblem(fields.length === 0 ? messageOf(error) : 'Not yet: see what is marked.');
  };

  const takeIn = async (): Promise<void> => {
    // A single blade need not be added to a list first.
    const list = sent || blades.length > 0 ? blades : add();
    if (!list) return;
    const body = sent ?? toDropOffBody(customerForm.getValues(), list);
    setSent(body);
    setBusy(true);
    setProblem(null);
    customerForm.clearErrors();
    try {
      const { jobs } = await request<DropOffAnswer>('POST', '/drop-offs', body, {
        'Idempotency-Key': key,
      });
      dropStored(DRAFT);
      void mutate('/next-tag');
      for (const job of jobs) await keepJob(job);
      const printed = prints ? await printAll(jobs) : null;
      if (jobs.length === 1 && printed !== false) await navigate(`/jobs/${jobs[0]!.id}/intake`);
      else setDone({ jobs, printed });
    } catch (error) {
      refuse(error);
    } finally {
      setBusy(false);
    }
  };

  if (done) {
    const onNext = (): void => {
      setDone(null);
      discard();
    };
    return <TakenIn {...done} onNext={onNext} />;
  }
  const count = blades.length;
  /** Sent, and nobody knows yet what became of it. */
  const isWaiting = sent !== null && !busy;
  return (
    <Stack $gap={14}>
      <Row>
        <PageHeading title="Take in" />
        {wasKept && (
          <Row $gap={8}>
            <MutedText>Going on with the draft kept on this device.</MutedText>
            <QuietButton onPress={discard}>Discard the draft</QuietButton>
          </Row>
        )}
      </Row>
      {isWaiting && (
        <Notice tone="cut">
          These blades were sent, and no answer has come yet. They can be changed once it is here.
        </Notice>
      )}
      <Held inert={sent !== null}>
        <CustomerSheet
          form={customerForm}
          values={customerValues}
          known={known ?? null}
          finder={<FindBlade onChoose={chooseFound} />}
        />
        {!isWaiting && (
          <Panel aria-label="Blade in hand">
            <Stack $gap={10}>
              <h2>{count === 0 ? 'The blade' : `Blade ${count + 1}`}</h2>
              {!customerValues.customerIsNew && known && known.blades.length > 0 && (
                <SeenBefore
                  known={known.blades.filter(
                    ({ id }) => !blades.some(({ bladeId }) => bladeId === String(id)),
                  )}
                  seen={{
                    kindId: nextValues.kindId,
                    edgeLengthMm: parseNumber(nextValues.edgeLengthMm),
                    heightHeelMm: parseNumber(nextValues.heightHeelMm),
                  }}
                  onChoose={(id) => void choose(id)}
                />
              )}
              <NextBlade
                form={next}
                kindId={nextValues.kindId}
                brought={brought}
                onAdd={() => void add()}
              />
            </Stack>
          </Panel>
        )}
        {count > 0 && (
          <Panel aria-label="To take in">
            <BladeList
              blades={blades}
              problems={rowProblems}
              onEdit={edit}
              onRemove={(index) => setBlades(blades.filter((_, each) => each !== index))}
            />
          </Panel>
        )}
      </Held>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Row $gap={20}>
        <ActionButton onPress={() => void takeIn()} isDisabled={busy}>
          {isWaiting
            ? 'Send again'
            : count === 0
              ? `Take in on tag ${nextValues.tagNumber || '…'}`
              : `Take in ${count === 1 ? 'this blade' : `these ${count} blades`}`}
        </ActionButton>
        <Checkbox value={prints} onChange={setPrints}>
          Print tags and tickets
        </Checkbox>
      </Row>
      <MutedText>
        Local law and the shop’s own rules come first: refuse what is not lawful to hold, and ask
        the customer’s age where it matters.
      </MutedText>
    </Stack>
  );
};

/** Whether every sheet came out: a printer that is away must not undo what was taken in. */
const printAll = async (jobs: readonly Job[]): Promise<boolean> => {
  try {
    for (const { id } of jobs)
      for (const what of LABEL_KINDS) await request('POST', `/jobs/${id}/labels`, { what });
    return true;
  } catch (error) {
    if (error instanceof ApiFailure) return false;
    throw error;
  }
};

export default DropOffPage;
