/** To a finish the customer names, by number on any scale. */
import { GRIT_SCALES, micrometresOf, windowAround } from '@patient-edge/core';
import { useState } from 'react';
import { fixed, parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

const SCALES = ['µm', ...GRIT_SCALES] as const;
type Scale = (typeof SCALES)[number];

export const NamedFinish = ({
  onFinish,
}: {
  onFinish: (finishUm: readonly [number, number]) => void;
}) => {
  const [scale, setScale] = useState<Scale>('JIS');
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const take = (): void => {
    const number = parseNumber(typed);
    if (number === null) {
      setProblem(STRINGS.isNotANumber(typed));
      return;
    }
    const um = scale === 'µm' ? number : micrometresOf(scale, number);
    if (typeof um === 'object' && !um.ok) {
      setProblem(um.error.message);
      return;
    }
    const grain = typeof um === 'object' ? um.value : um;
    if (grain < 0.15 || grain > 600) {
      setProblem(STRINGS.from015To600Was(grain));
      return;
    }
    setProblem(undefined);
    const [finest, coarsest] = windowAround(grain);
    onFinish([Number(fixed(finest, 3)), Number(fixed(coarsest, 3))]);
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <Row $align="end">
        <div style={{ width: 130 }}>
          <Select
            label={STRINGS.aNamedFinish}
            options={SCALES.map((id) => ({ id, label: id }))}
            value={scale}
            onChange={setScale}
          />
        </div>
        <div style={{ width: 130 }}>
          <NumberEntry label={STRINGS.number} value={typed} onChange={setTyped} error={problem} />
        </div>
        <QuietButton type="submit">{STRINGS.toThisFinish}</QuietButton>
      </Row>
    </form>
  );
};
