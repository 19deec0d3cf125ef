/** The return: the sheet that goes with the blade, and handing it over by tag. */
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

const HandOverPage = () => {
  const job = useCurrentJob();
  const { data: session } = useSession();
  return (
    <Stack $gap={16}>
      {job.stage === 'returned' ? (
        <Notice tone="good">
          <Row>
            <span>
              {job.declineReason === null ? 'Handed over' : 'Handed back, not sharpened,'} to{' '}
              {job.customer.name}
              {job.collectedBy !== '' && `, collected by ${job.collectedBy}`}. Its record will be
              here at the next visit.
            </span>
            <UndoButton job={job} action="return" />
          </Row>
        </Notice>
      ) : canDo(job, 'hand over') ? (
        <HandOver job={job} />
      ) : (
        <Notice>The blade is {job.stage}: it is handed over once its test is passed.</Notice>
      )}
      {session && <BillPanel job={job} currency={session.currency} />}
      <VisitLink job={job} />
      <Row className="no-print">
        <QuietButton onPress={() => window.print()}>
          <Printer size={19} aria-hidden /> Print the sheet
        </QuietButton>
        {(['a5', 'a4'] as const).map((size) => (
          <a
            key={size}
            href={`/api/jobs/${job.id}/sheet.pdf?size=${size}`}
            target="_blank"
            rel="noreferrer"
          >
            PDF, {size.toUpperCase()}
          </a>
        ))}
        {job.stage === 'returned' && (
          <QuietLink to={`/jobs/${job.id}/complaint`}>Something is wrong with it</QuietLink>
        )}
        <QuietLink to={`/blades/${job.blade.id}`}>The blade’s record</QuietLink>
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
  was === null || was === undefined || was === '' ? undefined : `Last time: ${was}`;

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
      offerUndo('Handed over.', () => undoOnJob(home, 'return'));
    });
  return (
    <Panel className="no-print" aria-label="Hand over">
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <h2>Hand over to {job.customer.name}</h2>
          {job.customer.note !== '' && <MutedText>{job.customer.note}</MutedText>}
          <Row $align="start" $gap={18}>
            <div style={{ width: 210 }}>
              <FormNumber
                control={form.control}
                name="tagNumber"
                label="Tag number"
                hint="As the customer’s half of the tag says"
              />
            </div>
            <div style={{ flex: 1, minWidth: 240 }}>
              <FormText control={form.control} name="remarks" label="Noted, not repaired" />
            </div>
            <div style={{ width: 210 }}>
              <FormText
                control={form.control}
                name="collectedBy"
                label="Collected by"
                hint="Where it is somebody else"
              />
            </div>
            {job.stage === 'ready' && (
              <div style={{ flex: 1, minWidth: 240 }}>
                <FormText
                  control={form.control}
                  name="holding"
                  label="How the angle was held"
                  hint="jaw, coins, shims: for the next visit"
                />
              </div>
            )}
          </Row>
          {job.stage === 'ready' && isOnRig(job, lastSetting) && (
            <Columns $columns={3}>
              <FormNumber
                control={form.control}
                name="rigSetting.jawMm"
                label="Jaws from the heel, mm"
                hint={asLast(lastSetting?.jawMm)}
              />
              <FormNumber
                control={form.control}
                name="rigSetting.ruleMarkMm"
                label="Mark on the rule, mm"
                hint={asLast(lastSetting?.ruleMarkMm)}
              />
              <FormText
                control={form.control}
                name="rigSetting.block"
                label="Block"
                hint={asLast(lastSetting?.block)}
              />
            </Columns>
          )}
          <Checkbox
            value={sheathed}
            onChange={(next) => form.setValue('sheathed', next)}
            error={form.formState.errors.sheathed?.message}
          >
            The edge is sheathed, wrapped or guarded, and the customer is who the tag says
          </Checkbox>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              Hand over
            </ActionButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};

export default HandOverPage;
