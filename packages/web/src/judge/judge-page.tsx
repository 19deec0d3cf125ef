/** Judging a blade: do it or not and why, which angle, how thin, what finish; what is asked, protected and agreed. */
import { canDo, type Job } from '@patient-edge/contract';
import {
  expectationOf,
  bevelsOf,
  bladeKind,
  findUse,
  hasTwoEdges,
  type Decision,
  type Judgement,
  type PlanChoices,
  type BladePlan,
  type Steel,
} from '@patient-edge/core';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { EdgeStrip } from '../instruments/edge-strip';
import { Asked } from '../instruments/why';
import { DeclineForm } from '../jobs/decline-form';
import { Unmeasured } from '../intake/unmeasured';
import { UnsavedNotice } from '../intake/unsaved-notice';
import { useCurrentJob } from '../jobs/current-job';
import { SCHOOLS } from '../plan/angle-control';
import { usePlanChoices, usePlanInput } from '../plan/use-plan-input';
import { Failed } from '../theme/failed';
import { fixed, mm, roughly } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { ActionLink, QuietLink } from '../theme/links';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Columns } from '../theme/columns';
import { usePlan } from '../workers/use-plan';
import { ConsentSheet } from './consent-sheet';
import { EstimateSheet } from './estimate-sheet';
import { angleSigmaOf } from './how-known';
import { LabelButtons } from './label-buttons';
import { ProtectionSheet } from './protection-sheet';
import { AsItCame } from './as-it-came';
import { useJudgement, useSteelOf } from './use-judgement';
import { STRINGS } from './strings';

const Verdict = styled.p<{ $decision: Decision }>`
  font: 720 30px/1.1 var(--heading);
  color: var(${({ $decision }) => ($decision === 'do it' ? '--good' : '--cut')});
`;
const Table = styled.table`
  & td,
  & th {
    vertical-align: top;
  }
  & th[scope='row'] {
    font: 600 17px/1.3 var(--text);
    color: var(--ink);
  }
  & th[scope='row'] small {
    display: block;
    font-weight: 400;
  }
  & td:nth-child(n + 2):nth-child(-n + 5) {
    font-family: var(--figures);
    white-space: nowrap;
  }
  /* Seven columns leave a reason a word or two a line: on what is narrow a school is a block. */
  @media (max-width: 900px) {
    & thead {
      display: none;
    }
    & tr {
      display: grid;
      grid-template-columns: repeat(4, auto) 1fr;
      column-gap: 18px;
      border-top: 1px solid var(--line);
      padding: 8px 0;
    }
    & td,
    & th[scope='row'] {
      border: 0;
      padding: 4px 0;
    }
    & th[scope='row'],
    & td:nth-last-child(-n + 2) {
      grid-column: 1 / -1;
    }
    & td[data-name]::before {
      content: attr(data-name);
      display: block;
      font: 600 12px/1.4 var(--text);
      color: var(--ink-soft);
    }
  }
  @media (max-width: 560px) {
    & tr {
      grid-template-columns: 3fr 2fr;
    }
  }
`;

/** A grain size without digits that say nothing. */
const um = (value: number): string => String(Number(value.toFixed(1)));

const DECIDED: Readonly<Record<Decision, string>> = {
  'do it': STRINGS.doIt,
  'send it on': STRINGS.sendItOn,
  'decline it': STRINGS.declineIt,
};

const JudgePage = () => {
  const job = useCurrentJob();
  const steel = useSteelOf(job);
  const { choices, setChoices } = usePlanChoices(job);
  const { answer: result, error, retry } = usePlan(usePlanInput(job, choices));
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!steel || !result) return <p role="status">{STRINGS.assessing}</p>;
  return (
    <Judged
      job={job}
      steel={steel}
      plan={result.ok ? result.value : null}
      problem={result.ok ? null : result.error.message}
      onChoices={(part) => setChoices({ ...choices, ...part })}
    />
  );
};

interface JudgedProps {
  readonly job: Job;
  readonly steel: Steel;
  readonly plan: BladePlan | null;
  readonly problem: string | null;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

const Judged = ({ job, steel, plan, problem, onChoices }: JudgedProps) => {
  const judgement = useJudgement(job, plan);
  if (!judgement) return null;
  return (
    <Stack $gap={16}>
      <UnsavedNotice job={job} />
      <Unmeasured job={job} />
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}. <QuietLink to={`/jobs/${job.id}/intake`}>{STRINGS.goToIntake}</QuietLink>
        </Notice>
      )}
      <Panel aria-label={STRINGS.decision}>
        <Stack>
          <Row $gap={20} $align="baseline">
            <Verdict $decision={judgement.decision}>{DECIDED[judgement.decision]}</Verdict>
            <Next job={job} judgement={judgement} planned={plan !== null} />
          </Row>
          <ul>
            {judgement.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
          {judgement.touchUpFirst !== null && (
            <Notice>
              {judgement.touchUpFirst}{' '}
              <QuietLink to={`/jobs/${job.id}/touch-up`}>{STRINGS.touchItUp}</QuietLink>
            </Notice>
          )}
          {judgement.decision !== 'do it' && (
            <DeclineForm job={job} suggested={judgement.reasons.join(' ')} />
          )}
          <EdgeStrip
            measures={job.measures}
            damage={job.damage}
            twoEdges={hasTwoEdges(job.measures.kindId, job.answers)}
            before={job.damageBefore ?? []}
            {...(plan ? { depthAlong: plan.outline.depthAlong } : {})}
            low
            label={STRINGS.alongTheEdge(
              plan?.outline.verdict ?? STRINGS.placesOfDamage(job.damage.length),
            )}
          />
          {plan && <p>{plan.outline.verdict}</p>}
        </Stack>
      </Panel>
      {plan && <Schools plan={plan} job={job} steel={steel} onChoices={onChoices} />}
      <Columns $columns={2}>
        <Panel aria-label={STRINGS.thickness}>
          <Stack $gap={8}>
            <h2>{STRINGS.isItThick}</h2>
            <p>{judgement.thickness.text}</p>
            {plan && <MutedText>{plan.section.thinning.reason}</MutedText>}
          </Stack>
        </Panel>
        <Panel aria-label={STRINGS.finish}>
          <Stack $gap={8}>
            <h2>{STRINGS.finishUmUm2(um(judgement.finish.um[0]), um(judgement.finish.um[1]))}</h2>
            <p>{judgement.finish.text}</p>
            <AsItCame job={job} text={STRINGS.asItCame} />
          </Stack>
        </Panel>
      </Columns>
      <Columns $columns={2}>
        <ConsentSheet job={job} asked={judgement.consents} />
        <ProtectionSheet job={job} list={judgement.protection} cautions={judgement.cautions} />
      </Columns>
      <EstimateSheet job={job} plan={plan} />
      <LabelButtons job={job} />
    </Stack>
  );
};

const Next = ({
  job,
  judgement,
  planned,
}: {
  job: Job;
  judgement: Judgement;
  planned: boolean;
}) => {
  if (job.stage !== 'taken in' || judgement.decision !== 'do it' || !planned) return null;
  return <ActionLink to={`/jobs/${job.id}/plan`}>{STRINGS.makeThePlan}</ActionLink>;
};

/** The three schools of the angle side by side: what each takes, and what its edge will be like. */
const Schools = ({
  plan,
  job,
  steel,
  onChoices,
}: {
  plan: BladePlan;
  job: Job;
  steel: Steel;
  onChoices: JudgedProps['onChoices'];
}) => {
  const navigate = useNavigate();
  const use = findUse(job.useId);
  const present = plan.report.figures.presentAngle.value;
  const sides = bevelsOf(bladeKind(job.measures.kindId));
  const sigma = angleSigmaOf(job);
  return (
    <Panel aria-label={STRINGS.angle}>
      <Stack>
        <h2>{STRINGS.keepTheAngleOrChangeIt}</h2>
        <Table>
          <thead>
            <tr>
              <th scope="col">{STRINGS.school}</th>
              <th scope="col">{STRINGS.angle}</th>
              <th scope="col">{STRINGS.steel}</th>
              <th scope="col">{STRINGS.height}</th>
              <th scope="col">{STRINGS.edgeTime}</th>
              <th scope="col">{STRINGS.whatToExpect}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {plan.report.options.map((option) => (
              <tr key={option.approach}>
                <th scope="row">
                  {SCHOOLS[option.approach]}
                  <MutedText as="small">
                    {' '}
                    {[option.startReason, ...option.moves.map(({ reason }) => reason)].join('; ')}
                  </MutedText>
                </th>
                <td data-name={STRINGS.angle}>
                  {fixed(option.angleDeg, 1)}°{' '}
                  {option.approach === 'keep' && `± ${fixed(sigma, 1)} `}
                  <small>{STRINGS.perSide}</small>
                  <br />
                  <small>{STRINGS.inclusive(fixed(sides * option.angleDeg, 1))}</small>
                </td>
                <td data-name={STRINGS.steel}>
                  {option.steelLost ? (
                    <Asked
                      label={STRINGS.steelSchools(SCHOOLS[option.approach])}
                      figure={option.steelLost}
                    >
                      {fixed(option.steelLost.value, 1)} mm³
                    </Asked>
                  ) : (
                    '–'
                  )}
                </td>
                <td data-name={STRINGS.height}>
                  {option.heightLost ? (
                    <Asked
                      label={STRINGS.heightSchools(SCHOOLS[option.approach])}
                      figure={option.heightLost}
                    >
                      {mm(option.heightLost.value, 2)}
                    </Asked>
                  ) : (
                    '–'
                  )}
                </td>
                <td data-name={STRINGS.edgeTime}>
                  {option.edgeTime ? roughly(option.edgeTime.value) : '–'}
                </td>
                <td data-name={STRINGS.whatToExpect}>
                  {expectationOf(option.angleDeg, use, steel, present)}
                </td>
                <td>
                  {canDo(job, 'correct intake') && (
                    <QuietButton
                      aria-label={STRINGS.choose(SCHOOLS[option.approach])}
                      onPress={() => {
                        onChoices({ approach: option.approach, angleDeg: null });
                        void navigate(`/jobs/${job.id}/plan`);
                      }}
                    >
                      {STRINGS.use}
                    </QuietButton>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </Panel>
  );
};

export default JudgePage;
