/** Quick questions without a record: inputs live in the address, so a link holds them. */
import { Link2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { NavLink, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { FigureList, FigureView } from '../instruments/why';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { NothingHere } from '../theme/waiting';
import { CHIP_FIELDS, readChip } from './chip-fields';
import { ChipAnswer } from './chip-question';
import { PICTURES } from './pictures';
import { PrintRow } from './print-row';
import { initialInputs, QUESTIONS, type Field, type Inputs, type Outcome } from './questions';
import { TrueSize } from './true-size';
import { PageHeading } from '../theme/page-heading';
import { NumbersNav } from '../money/numbers-nav';
import { STRINGS } from './strings';

const CHIP = { id: 'chip', title: STRINGS.whatWillThisChipCost };
const ALL = [...QUESTIONS.map(({ id, title }) => ({ id, title })), CHIP];

const Layout = styled.div`
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 24px;
  @media (max-width: 860px) {
    grid-template-columns: 1fr;
  }
`;
const Index = styled.nav`
  display: grid;
  align-content: start;
  border-top: 2px solid var(--ink);
  & a {
    padding: 11px 8px;
    color: var(--ink);
    text-decoration: none;
    border-bottom: 1px solid var(--line-soft);
    border-left: 5px solid transparent;
  }
  & a[aria-current] {
    border-left-color: var(--accent);
    font-weight: 650;
    background: var(--sheet);
  }
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 14px;
  align-items: start;
`;

const CalculatorPage = () => {
  const { questionId = 'lift' } = useParams();
  return (
    <>
      <NumbersNav />
      <Layout>
        <Index aria-label={STRINGS.questions}>
          {ALL.map(({ id, title }) => (
            <NavLink
              key={id}
              to={`/calculator/${id}`}
              aria-current={id === questionId ? 'page' : undefined}
            >
              {title}
            </NavLink>
          ))}
        </Index>
        {ALL.some(({ id }) => id === questionId) ? (
          <Asked key={questionId} questionId={questionId} />
        ) : (
          <NothingHere />
        )}
      </Layout>
    </>
  );
};

const Asked = ({ questionId }: { questionId: string }) => {
  const question = QUESTIONS.find(({ id }) => id === questionId);
  const fields = question?.fields ?? CHIP_FIELDS;
  const [search, setSearch] = useSearchParams();
  const [copied, setCopied] = useState(false);
  // The address follows what is typed a moment later; two fields typed in quickly must both stay.
  const [typed, setTyped] = useState<Inputs>({});
  const inputs: Inputs = { ...initialInputs(fields), ...Object.fromEntries(search), ...typed };
  const set = (name: string, value: string): void => {
    setCopied(false);
    setTyped((before) => ({ ...before, [name]: value }));
  };
  useEffect(() => {
    if (Object.entries(typed).some(([name, value]) => search.get(name) !== value)) {
      setSearch({ ...Object.fromEntries(search), ...typed }, { replace: true });
    }
  }, [typed, search, setSearch]);
  const outcome = question?.answer(inputs);
  const chip = question ? null : readChip(inputs);
  const error = outcome && !outcome.ok ? outcome.error : chip && !chip.ok ? chip.error : null;
  const besideField = fields.some(({ name }) => name === error?.field);
  const copy = async (): Promise<void> => {
    const address = `${location.origin}${location.pathname}?${new URLSearchParams(inputs).toString()}`;
    await navigator.clipboard.writeText(address);
    setCopied(true);
  };
  return (
    <Stack $gap={16}>
      <Row>
        <PageHeading title={question?.title ?? CHIP.title} />
        <QuietButton onPress={() => void copy()}>
          <Link2 size={18} aria-hidden /> {copied ? STRINGS.linkCopied : STRINGS.copyTheLink}
        </QuietButton>
      </Row>
      <Panel aria-label={STRINGS.inputs}>
        <Fields>
          {fields.map((field) => (
            <Input
              key={field.name}
              field={field}
              value={inputs[field.name] ?? ''}
              error={
                error?.field === field.name
                  ? error.message.replaceAll(field.name, field.label)
                  : undefined
              }
              onChange={(value) => set(field.name, value)}
            />
          ))}
        </Fields>
      </Panel>
      {error && !besideField && (
        <Notice tone="cut" alert>
          {error.message}
        </Notice>
      )}
      {question && outcome?.ok && (
        <Answered questionId={questionId} inputs={inputs} outcome={outcome} />
      )}
      {!question && !error && (
        <Panel aria-label={STRINGS.answer}>
          <ChipAnswer key={JSON.stringify(inputs)} inputs={inputs} />
        </Panel>
      )}
    </Stack>
  );
};

const Input = ({
  field,
  value,
  error,
  onChange,
}: {
  field: Field;
  value: string;
  error: string | undefined;
  onChange: (value: string) => void;
}) =>
  field.choices ? (
    <Select
      label={field.label}
      options={field.choices}
      value={value}
      onChange={onChange}
      error={error}
    />
  ) : (
    <NumberEntry
      label={field.label}
      value={value}
      onChange={onChange}
      error={error}
      hint={field.hint}
    />
  );

const Answered = ({
  questionId,
  inputs,
  outcome,
}: {
  questionId: string;
  inputs: Inputs;
  outcome: Extract<Outcome, { ok: true }>;
}) => {
  const Picture = PICTURES[questionId]!;
  const angleDeg = Number((inputs['angleDeg'] ?? '').replace(',', '.'));
  const liftMm = outcome.raw['liftMm'];
  const printable =
    questionId === 'lift' && typeof liftMm === 'number' && angleDeg >= 1 && angleDeg <= 60;
  return (
    <>
      <Panel aria-label={STRINGS.answer}>
        <Stack>
          <FigureList>
            {outcome.readings.map(({ label, figure, beside }, index) => (
              <FigureView
                key={label}
                label={label}
                figure={figure}
                {...(beside ? { beside } : {})}
                large={index === 0}
              />
            ))}
          </FigureList>
          <Picture inputs={inputs} raw={outcome.raw} />
          {printable && <PrintRow angleDeg={angleDeg} liftMm={liftMm} />}
        </Stack>
      </Panel>
      {printable && (
        <Panel aria-label={STRINGS.trueSize}>
          <TrueSize angleDeg={angleDeg} liftMm={liftMm} />
        </Panel>
      )}
    </>
  );
};

export default CalculatorPage;
