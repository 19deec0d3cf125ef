/** The intake of a blade in the shop: looked at, and corrected until work begins. */
import type { Job } from '@patient-edge/contract';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { request } from '../api/client';
import { keepJob } from '../api/hooks';
import { useJobHere } from '../jobs/job-here';
import { ActionButton, Notice, Row, Stack } from '../theme/parts';
import { useSubmission } from '../theme/server-form';
import { INTAKE_FIELDS, IntakeFields } from './intake-fields';
import { emptyIntake, fromJob, toIntakeBody, type IntakeValues } from './values';

const CorrectIntakePage = () => {
  const job = useJobHere();
  const navigate = useNavigate();
  const form = useForm<IntakeValues>({
    defaultValues: { ...emptyIntake(), ...fromJob(job, true) },
  });
  const { busy, problem, submit } = useSubmission(form, INTAKE_FIELDS);
  const editable = job.stage === 'taken in' || job.stage === 'planned';
  const send = (typed: IntakeValues): Promise<void> =>
    submit(async () => {
      const { body, problems } = toIntakeBody(typed);
      if (problems.length > 0) {
        for (const { field, message } of problems)
          form.setError(field as keyof IntakeValues, { message });
        throw new Error(`Not sent: ${problems[0]!.message}`);
      }
      await keepJob(
        await request<Job>('PUT', `/jobs/${job.id}/intake`, { ...body, version: job.version }),
      );
      await navigate(`/jobs/${job.id}/plan`);
    });
  return (
    <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
      <Stack $gap={16}>
        {!editable && <Notice>Work has begun: the intake is as it was written then.</Notice>}
        <IntakeFields form={form} />
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {editable && (
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              Keep the correction
            </ActionButton>
          </Row>
        )}
      </Stack>
    </form>
  );
};

export default CorrectIntakePage;
