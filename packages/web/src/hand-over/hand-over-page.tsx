/** The return: the sheet that goes with the blade, and handing it over by tag. */
import { named } from '@patient-edge/core';
import { canDo, type Job, type ReturnBody, type RigSetting } from '@patient-edge/contract';
import { Printer } from 'lucide-react';
import { useForm, useWatch } from 'react-hook-form';
import { writeJob } from '../api/job-writes';
import { updateJobCache, useBlade } from '../api/hooks';
import { useCurrentJob } from '../jobs/current-job';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { numberOrTyped, numberText, parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useSubmission } from '../theme/server-form';
import { useUndo } from '../theme/undo';
import { undoOnJob } from '../jobs/undo';
import { UndoButton } from '../jobs/undo-button';
import { useSession } from '../api/session';
import { BillPanel } from '../money/bill-panel';
import { ReturnSheet } from './return-sheet';
import { VisitLink } from './visit-link';
import { STRINGS } from './strings';

const HandOverPage = () => {
  const job = useCurrentJob();
  const { data: session } = useSession();
  return (
    <Stack $gap={16}>
      {job.stage === 'returned' ? (
        <Notice tone="good">
          <Row>
            <span>
              {STRINGS.to(
                job.declineReason === null ? STRINGS.handedOver : STRINGS.handedBackNotSharpened,
                job.customer.name,
              )}
              {job.collectedBy !== '' && STRINGS.collectedBy(job.collectedBy)}
              {STRINGS.itsRecordWillBeHereAt}
            </span>
            <UndoButton job={job} action="return" />
          </Row>
        </Notice>
      ) : canDo(job, 'hand over') ? (
        <HandOver job={job} />
      ) : (
        <Notice>{STRINGS.theBladeIsItIsHanded(named(job.stage))}</Notice>
      )}
      {session && <BillPanel job={job} currency={session.currency} />}
      <VisitLink job={job} />
      <Row className="no-print">
        <QuietButton onPress={() => window.print()}>
          <Printer size={19} aria-hidden /> {STRINGS.printTheSheet}
        </QuietButton>
        {(['a5', 'a4'] as const).map((size) => (
          <a
            key={size}
            href={`/api/jobs/${job.id}/sheet.pdf?size=${size}`}
            target="_blank"
            rel="noreferrer"
          >
            {STRINGS.pdf(size.toUpperCase())}
          </a>
        ))}
        {job.stage === 'returned' && (
          <QuietLink to={`/jobs/${job.id}/complaint`}>{STRINGS.somethingIsWrongWithIt}</QuietLink>
        )}
        <QuietLink to={`/blades/${job.blade.id}`}>{STRINGS.theBladesRecord}</QuietLink>
      </Row>
      <ReturnSheet job={job} />
    </Stack>
  );
};

interface ReturnValues {
  tagNumber: string;
  sheathed: boolean;
  remarks: string;
  holding: string;
  collectedBy: string;
  rigSetting: { jawMm: string; ruleMarkMm: string; block: string };
}

const rigValues = ({ jawMm, ruleMarkMm, block }: RigSetting): ReturnValues['rigSetting'] => ({
  jawMm: numberText(jawMm),
  ruleMarkMm: numberText(ruleMarkMm),
  block,
});

/** Told beside the field, not typed into it: only the hand that set the rig knows whether it was set the same. */
const asLast = (was: number | string | null | undefined): string | undefined =>
  was === null || was === undefined || was === '' ? undefined : STRINGS.lastTime(was);

/** The fields of a rig are asked where one was planned, or where they were written down before. */
const isOnRig = (job: Job, last: RigSetting | undefined): boolean =>
  (job.plan !== null && job.plan.choices.machineId !== null) ||
  (last !== undefined && (last.jawMm !== null || last.ruleMarkMm !== null));

const HandOver = ({ job }: { job: Job }) => {
  // Last visit's setting comes beside the fields when it comes: a customer at the counter waits for no record.
  const last = useBlade(job.stage === 'ready' ? job.blade.id : null).data?.lastJob;
  const lastSetting = last && last.id !== job.id ? last.rigSetting : undefined;
  const offerUndo = useUndo();
  const form = useForm<ReturnValues>({
    defaultValues: {
      tagNumber: '',
      sheathed: false,
      remarks: '',
      holding: job.holding || (job.plan?.setAgain ?? '').slice(0, 200),
      collectedBy: '',
      rigSetting: rigValues(job.rigSetting),
    },
  });
  const sheathed = useWatch({ control: form.control, name: 'sheathed' });
  const { busy, problem, submit } = useSubmission(form, [
    'tagNumber',
    'sheathed',
    'remarks',
    'holding',
    'collectedBy',
    'rigSetting.jawMm',
    'rigSetting.ruleMarkMm',
    'rigSetting.block',
  ]);
  const send = (typed: ReturnValues): Promise<void> =>
    submit(async () => {
      const body: Partial<ReturnBody> & { tagNumber?: unknown } = {
        tagNumber: parseNumber(typed.tagNumber) ?? (typed.tagNumber || undefined),
        sheathed: typed.sheathed,
        remarks: typed.remarks,
        holding: typed.holding,
        collectedBy: typed.collectedBy,
        rigSetting: {
          jawMm: numberOrTyped(typed.rigSetting.jawMm),
          ruleMarkMm: numberOrTyped(typed.rigSetting.ruleMarkMm),
          block: typed.rigSetting.block,
        },
      } as Partial<ReturnBody>;
      const home = await writeJob({
        jobId: job.id,
        method: 'POST',
        path: '/return',
        version: job.version,
        body,
      });
      await updateJobCache(home);
      offerUndo(STRINGS.handedOverAlone, () => undoOnJob(home, 'return'));
    });
  return (
    <Panel className="no-print" aria-label={STRINGS.handOver}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <h2>{STRINGS.handOverTo(job.customer.name)}</h2>
          {job.customer.note !== '' && <MutedText>{job.customer.note}</MutedText>}
          <Row $align="start" $gap={18}>
            <div style={{ width: 210 }}>
              <FormNumber
                control={form.control}
                name="tagNumber"
                label={STRINGS.tagNumber}
                hint={STRINGS.asTheCustomersHalfOfThe}
              />
            </div>
            <div style={{ flex: 1, minWidth: 240 }}>
              <FormText control={form.control} name="remarks" label={STRINGS.notedNotRepaired} />
            </div>
            <div style={{ width: 210 }}>
              <FormText
                control={form.control}
                name="collectedBy"
                label={STRINGS.collectedByAlone}
                hint={STRINGS.whereItIsSomebodyElse}
              />
            </div>
            {job.stage === 'ready' && (
              <div style={{ flex: 1, minWidth: 240 }}>
                <FormText
                  control={form.control}
                  name="holding"
                  label={STRINGS.howTheAngleWasHeld}
                  hint={STRINGS.jawCoinsShimsForTheNext}
                />
              </div>
            )}
          </Row>
          {job.stage === 'ready' && isOnRig(job, lastSetting) && (
            <Columns $columns={3}>
              <FormNumber
                control={form.control}
                name="rigSetting.jawMm"
                label={STRINGS.jawsFromTheHeelMm}
                hint={asLast(lastSetting?.jawMm)}
              />
              <FormNumber
                control={form.control}
                name="rigSetting.ruleMarkMm"
                label={STRINGS.markOnTheRuleMm}
                hint={asLast(lastSetting?.ruleMarkMm)}
              />
              <FormText
                control={form.control}
                name="rigSetting.block"
                label={STRINGS.block}
                hint={asLast(lastSetting?.block)}
              />
            </Columns>
          )}
          <Checkbox
            value={sheathed}
            onChange={(next) => form.setValue('sheathed', next)}
            error={form.formState.errors.sheathed?.message}
          >
            {STRINGS.theEdgeIsSheathedWrappedOr}
          </Checkbox>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {STRINGS.handOver}
            </ActionButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};

export default HandOverPage;
