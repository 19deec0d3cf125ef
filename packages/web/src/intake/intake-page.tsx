/** The intake of a blade at the bench: what the counter left open is measured, looked at and written down. */
import { canDo, type Job } from '@patient-edge/contract';
import { questionsFor, bladeKind, MEASURE_FIELDS } from '@patient-edge/core';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import styled from 'styled-components';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { useCurrentJob } from '../jobs/current-job';
import { PhotographsSheet } from '../photographs/photographs-sheet';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useGoOn } from '../theme/use-go-on';
import { useSubmission } from '../theme/server-form';
import { AngleSheet } from './angle-sheet';
import { BladeSheet } from './blade-sheet';
import { ConditionSheet } from './condition-sheet';
import { dropDraft, keepDraft, keptDraft } from './draft';
import { MeasuresSheet } from './measures-sheet';
import { QuestionsSheet } from './questions-sheet';
import { fromJob, INTAKE_FIELDS, toIntakeBody, type IntakeValues } from './values';
import { STRINGS } from './strings';

const Page = styled.div`
  display: grid;
  grid-template-columns: 172px minmax(0, 1fr);
  gap: 22px;
  & > nav {
    position: sticky;
    top: 12px;
    align-self: start;
    display: grid;
  }
  & > nav a {
    color: var(--ink);
    text-decoration: none;
    padding: 9px 10px;
    min-height: 44px;
    border-left: 3px solid var(--line);
  }
  & > nav a:hover {
    border-color: var(--accent);
  }
  & > nav small {
    display: block;
    color: var(--ink-soft);
  }
  & section {
    scroll-margin-top: 12px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    & > nav {
      position: static;
      display: flex;
      flex-wrap: wrap;
    }
  }
`;

const IntakePage = () => {
  const job = useCurrentJob();
  return <Intake key={job.id} job={job} />;
};

const Intake = ({ job }: { job: Job }) => {
  const goOn = useGoOn();
  const [kept] = useState(() => keptDraft(job));
  const [isDraft, setIsDraft] = useState(kept !== null);
  const form = useForm<IntakeValues>({ defaultValues: kept ?? fromJob(job) });
  const values = useWatch({ control: form.control }) as IntakeValues;
  const { busy, problem, submit } = useSubmission(form, INTAKE_FIELDS);
  const editable = canDo(job, 'correct intake');
  const touched = isDraft || form.formState.isDirty;

  useEffect(() => {
    if (editable && touched) keepDraft(job.id, values);
  }, [editable, touched, job.id, values]);

  const discard = (): void => {
    dropDraft(job.id);
    setIsDraft(false);
    form.reset(fromJob(job));
  };
  const send = (typed: IntakeValues): Promise<void> =>
    submit(async () => {
      const { body, problems } = toIntakeBody(typed);
      if (problems.length > 0) {
        for (const { field, message } of problems)
          form.setError(field as keyof IntakeValues, { message });
        throw new Error(STRINGS.notSent(problems[0]!.message));
      }
      const saved = await writeJob({
        jobId: job.id,
        method: 'PUT',
        path: '/intake',
        version: job.version,
        body,
      });
      dropDraft(job.id);
      await updateJobCache(saved);
      await goOn(`/jobs/${job.id}/judge`);
    });
  return (
    <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
      <Page>
        <SectionIndex values={values} photographs={job.photographs.length} />
        <Stack $gap={16}>
          {!editable && <Notice>{STRINGS.workHasBegunTheIntakeIs}</Notice>}
          {editable && isDraft && (
            <Row $gap={8}>
              <MutedText>{STRINGS.continuingTheDraftSavedOnThis}</MutedText>
              <QuietButton onPress={discard}>{STRINGS.discardTheDraft}</QuietButton>
            </Row>
          )}
          <BladeSheet form={form} values={values} />
          <MeasuresSheet form={form} values={values} job={job} />
          <AngleSheet form={form} values={values} job={job} />
          <ConditionSheet control={form.control} values={values} job={job} />
          <PhotographsSheet job={job} />
          <QuestionsSheet control={form.control} values={values} />
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          {editable && (
            <Row>
              <ActionButton type="submit" isDisabled={busy}>
                {STRINGS.saveAndAssess}
              </ActionButton>
            </Row>
          )}
        </Stack>
      </Page>
    </form>
  );
};

/** Where in the intake one is, and how far each part has come. */
const SectionIndex = ({ values, photographs }: { values: IntakeValues; photographs: number }) => {
  const measured = MEASURE_FIELDS.filter((field) => values[field].trim() !== '').length;
  const questions = questionsFor(bladeKind(values.kindId)).flatMap((group) => group.questions);
  const answered = questions.filter(({ id }) => (values.answers[id] ?? '') !== '').length;
  const parts: readonly (readonly [string, string, string])[] = [
    ['blade', STRINGS.bladeAndPromise, ''],
    ['measures', STRINGS.measures, STRINGS.of(measured, MEASURE_FIELDS.length)],
    [
      'angle',
      STRINGS.angle,
      values.angleReadings.length > 0 ? STRINGS.readings(values.angleReadings.length) : '',
    ],
    [
      'condition',
      STRINGS.condition,
      values.damage.length > 0 ? STRINGS.found(values.damage.length) : '',
    ],
    ['photographs', STRINGS.photographs, photographs > 0 ? String(photographs) : ''],
    ['questions', STRINGS.itsKind, STRINGS.of(answered, questions.length)],
  ];
  return (
    <nav aria-label={STRINGS.partsOfTheIntake}>
      {parts.map(([id, label, state]) => (
        <a key={id} href={`#${id}`}>
          {label}
          {state !== '' && <small>{state}</small>}
        </a>
      ))}
    </nav>
  );
};

export default IntakePage;
