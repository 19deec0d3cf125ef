/** The state of a drop-off: what is typed, what was added to the list, what was sent and what became of it. */
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
import { mutate } from 'swr';
import { ApiFailure, isOffline, messageOf, request } from '../api/client';
import { updateJobCache, useCustomer, useNextTag } from '../api/hooks';
import { dropStored, readStored, useStored, writeStored } from '../api/stored';
import { useGoOn } from '../theme/use-go-on';
import {
  bladeAfter,
  DRAFT,
  emptyBlade,
  freeTag,
  fromRecord,
  newDraft,
  openDraft,
  problemsOf,
  toDropOffBody,
  whatItBrings,
  type BladeValues,
  type CustomerValues,
} from './draft';
import { STRINGS } from './strings';

/** Whether the server decided: without that, what was sent may have been made all the same. */
const isAnswer = (error: unknown): boolean =>
  error instanceof ApiFailure && !isOffline(error) && ![401, 429].includes(error.status);

interface Done {
  readonly jobs: readonly Job[];
  /** Null when nothing was to be printed. */
  readonly printed: boolean | null;
}

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

/** `hint` is what speaks against the blade one came here with. */
export const useDropOff = (inHand: BladeRecord | null, hint: string | null) => {
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
  const goOn = useGoOn();
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
      setProblem(STRINGS.thatBladeHangsHereNowOn(blade.tagNumber));
      return;
    }
    if (blades.length > 0 && customerValues.customerId !== String(blade.customerId)) {
      setProblem(STRINGS.thatBladeBelongsToTakeThese(blade.customer));
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
      setProblem(STRINGS.sendAgainRepeatsExactlyWhatWas(messageOf(error)));
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
    setProblem(fields.length === 0 ? messageOf(error) : STRINGS.checkTheMarkedFields);
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
      for (const job of jobs) await updateJobCache(job);
      const printed = prints ? await printAll(jobs) : null;
      if (jobs.length === 1 && printed !== false) await goOn(`/jobs/${jobs[0]!.id}/intake`);
      else setDone({ jobs, printed });
    } catch (error) {
      refuse(error);
    } finally {
      setBusy(false);
    }
  };

  const onNext = (): void => {
    setDone(null);
    discard();
  };
  const remove = (index: number): void => setBlades(blades.filter((_, each) => each !== index));
  return {
    wasKept,
    blades,
    rowProblems,
    problem,
    busy,
    done,
    prints,
    setPrints,
    customerForm,
    customerValues,
    next,
    nextValues,
    known: known ?? null,
    brought,
    /** Sent, and nobody knows yet what became of it. */
    isWaiting: sent !== null && !busy,
    isHeld: sent !== null,
    choose,
    chooseFound,
    add,
    edit,
    remove,
    discard,
    takeIn,
    onNext,
  };
};

export type DropOffState = ReturnType<typeof useDropOff>;
