/** What is taken from a plan: the card for the bench, paper gauges, drawings, the plan as a file and back; versions and templates. */
import type { Job, PlanTemplate } from '@patient-edge/contract';
import { bladeKind, type PlanChoices, type Side, withDefaults } from '@patient-edge/core';
import { FileDown, FileUp } from 'lucide-react';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { usePlanVersions, useTemplates } from '../api/hooks';
import { PdfView } from '../labels/pdf-view';
import { QuietButton } from '../theme/buttons';
import { moment, roughly } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { type Feedback, WithFeedback } from '../theme/feedback';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Download = styled.a`
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  padding: 8px 14px;
  border: 1px solid var(--line);
  color: var(--accent);
  font-weight: 600;
`;
const List = styled.ol`
  & li {
    display: grid;
    grid-template-columns: 34px 130px minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line-soft);
  }
`;

/** What is taken, and whether it is another for each side held differently. */
const FILES: readonly (readonly [file: string, words: string, bySide: boolean])[] = [
  ['wedge.pdf', STRINGS.wedgePdf, true],
  ['wedge.svg', STRINGS.wedgeSvg, true],
  ['lift-gauge.pdf', STRINGS.liftGaugePdf, true],
  ['lift-gauge.svg', STRINGS.liftGaugeSvg, true],
  ['outline.pdf', STRINGS.outlineWithLiftsPdf, true],
  ['outline.svg', STRINGS.outlineWithLiftsSvg, true],
  ['outline.dxf', STRINGS.outlineWithLiftsDxf, true],
  ['plan.json', STRINGS.planJson, false],
];

export interface OutputsProps {
  readonly job: Job;
  readonly hasLifts: boolean;
  /** Those held differently; empty where they are held alike. */
  readonly sides: readonly Side[];
  readonly onChoices: (choices: PlanChoices) => void;
}

const OutputsFields = ({ job, hasLifts, sides, onChoices }: OutputsProps) => {
  const [card, setCard] = useState(false);
  const from = `/api/jobs/${job.id}/plan`;
  const files = FILES.filter(([name]) => hasLifts || !name.startsWith('lift-gauge')).flatMap(
    ([name, words, bySide]): (readonly [string, string])[] =>
      bySide && sides.length > 0
        ? sides.map((side) => [`${name}?side=${side}`, `${words}, ${side}`])
        : [[name, words]],
  );
  return (
    <Stack>
      {job.plan ? (
        <>
          <Row>
            <Download href={`${from}/card.pdf`} target="_blank" rel="noreferrer">
              <FileDown size={18} aria-hidden /> {STRINGS.benchCardPdf}
            </Download>
            {files.map(([name, words]) => (
              <Download key={name} href={`${from}/${name}`} target="_blank" rel="noreferrer">
                {words}
              </Download>
            ))}
          </Row>
          <Row>
            <QuietButton onPress={() => setCard(!card)}>
              {card ? STRINGS.hideCard : STRINGS.showCard}
            </QuietButton>
          </Row>
          {card && <PdfView src={`${from}/card.pdf`} label={STRINGS.theBenchCardFirstPage} />}
        </>
      ) : (
        <MutedText>{STRINGS.approveThePlanToPrintIts}</MutedText>
      )}
      <ReadBack job={job} onChoices={onChoices} />
      <Versions job={job} onChoices={onChoices} />
      <Templates job={job} onChoices={onChoices} />
    </Stack>
  );
};

export default OutputsFields;

/** A plan file read back: its choices become those of this plan, nothing is settled by it. */
const ReadBack = ({ job, onChoices }: Omit<OutputsProps, 'hasLifts' | 'sides'>) => {
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<Feedback | null>(null);
  const read = async (file: File): Promise<void> => {
    try {
      const { readPlanFile } = await import('./read-plan-file');
      const { choices, blade } = await readPlanFile(file);
      onChoices(withDefaults(choices));
      const other = blade.kindId !== job.measures.kindId;
      setSaid({
        text: STRINGS.read(file.name, other ? STRINGS.itWasMadeForAnotherKind : ''),
        bad: false,
      });
    } catch (error) {
      setSaid({ text: messageOf(error), bad: true });
    }
  };
  return (
    <Stack $gap={6}>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        className="unseen"
        aria-label={STRINGS.planFile}
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void read(file);
          event.target.value = '';
        }}
      />
      <WithFeedback feedback={said}>
        <QuietButton onPress={() => input.current?.click()}>
          <FileUp size={18} aria-hidden /> {STRINGS.openAPlanFile}
        </QuietButton>
      </WithFeedback>
    </Stack>
  );
};

const Versions = ({ job, onChoices }: Omit<OutputsProps, 'hasLifts' | 'sides'>) => {
  const { data: versions } = usePlanVersions(job.id, job.version);
  if (!versions || versions.length === 0) return null;
  return (
    <Stack $gap={4}>
      <h3>{STRINGS.versionsOfThisPlan}</h3>
      <List>
        {versions.map(({ number, at, who, reason, record, choices, steps }) => {
          const changes = choices.changes.length + choices.added.length;
          return (
            <li key={number}>
              <b>{number}</b>
              <MutedText as="span">{moment(at)}</MutedText>
              <span>
                {STRINGS.perSideSteps(
                  record.angleDeg.toFixed(1),
                  steps.length,
                  roughly(record.figures.workingTime.value),
                  who,
                )}
                {changes > 0 && STRINGS.changedByHand(changes)}
                {reason !== '' && `: ${reason}`}
              </span>
              <QuietButton
                aria-label={STRINGS.restoreThisVersionVersion(number)}
                onPress={() => onChoices(choices)}
              >
                {STRINGS.restoreThisVersion}
              </QuietButton>
            </li>
          );
        })}
      </List>
    </Stack>
  );
};

const Templates = ({ job, onChoices }: Omit<OutputsProps, 'hasLifts' | 'sides'>) => {
  const { data: all } = useTemplates();
  const [name, setName] = useStored(`template of ${job.id}`, '');
  const [problem, setProblem] = useState<string | null>(null);
  const templates = (all ?? []).filter(({ kindId }) => kindId === job.measures.kindId);
  const change = async (asked: Promise<PlanTemplate[]>): Promise<void> => {
    setProblem(null);
    try {
      await mutate('/templates', await asked, { revalidate: false });
      setName('');
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Stack $gap={6}>
      <h3>{STRINGS.templatesForA(bladeKind(job.measures.kindId).label.toLowerCase())}</h3>
      {templates.length === 0 && <MutedText>{STRINGS.noneYetSaveAPlanThat}</MutedText>}
      <List>
        {templates.map((template) => (
          <li key={template.id}>
            <span aria-hidden>·</span>
            <b>{template.name}</b>
            <span>
              {template.note} {template.who}, {moment(template.at)}
            </span>
            <Row>
              <QuietButton
                aria-label={STRINGS.chooseTemplate(template.name)}
                onPress={() => onChoices(template.choices)}
              >
                {STRINGS.useTemplate}
              </QuietButton>
              <QuietButton
                aria-label={STRINGS.deleteTemplate(template.name)}
                onPress={() => void change(request('DELETE', `/templates/${template.id}`))}
              >
                {STRINGS.delete}
              </QuietButton>
            </Row>
          </li>
        ))}
      </List>
      {job.plan && (
        <Row $align="end">
          <div style={{ width: 300 }}>
            <TextEntry
              label={STRINGS.saveTheApprovedPlanAsA}
              value={name}
              onChange={setName}
              error={problem ?? undefined}
              hint={STRINGS.name}
            />
          </div>
          <QuietButton
            onPress={() =>
              void change(request('POST', `/jobs/${job.id}/templates`, { name, note: '' }))
            }
          >
            {STRINGS.keepIt}
          </QuietButton>
        </Row>
      )}
    </Stack>
  );
};
