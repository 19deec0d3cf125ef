/** True size: a bank card held against the screen says how many pixels make a millimetre, once for this screen. */
import { perSide, wedgeTemplate, liftGaugeTemplate, type Template } from '@patient-edge/core';
import { useState } from 'react';
import { Label } from 'react-aria-components/Label';
import { Slider } from 'react-aria-components/Slider';
import styled from 'styled-components';
import { useStored } from '../api/stored';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, MutedText, Stack } from '../theme/layout';
import { SliderBar } from '../theme/slider';
import { STRINGS } from './strings';

/** Bank cards are 85.60 by 53.98 mm (ISO/IEC 7810, ID-1). */
const CARD_MM = { width: 85.6, height: 53.98 };
const USUAL_PX_PER_MM = 96 / 25.4;

const Card = styled.div`
  border: 2px solid var(--accent);
  border-radius: 12px;
  background: var(--accent-soft);
`;

const Drawn = ({ template, pxPerMm }: { template: Template; pxPerMm: number }) => (
  <svg
    width={template.widthMm * pxPerMm}
    height={template.heightMm * pxPerMm}
    viewBox={`0 0 ${template.widthMm} ${template.heightMm}`}
    role="img"
    aria-label={STRINGS.atTrueSize(template.title)}
  >
    {template.lines.map(({ points, closed, widthMm }, index) => (
      <path
        key={index}
        d={`${points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join('')}${closed ? 'Z' : ''}`}
        fill={closed ? 'var(--accent-soft)' : 'none'}
        stroke="var(--ink)"
        strokeWidth={widthMm}
      />
    ))}
    {template.texts.slice(0, -1).map(({ xMm, yMm, sizeMm, text }) => (
      <text key={`${xMm} ${yMm}`} x={xMm} y={yMm} fontSize={sizeMm} fill="var(--ink)">
        {text}
      </text>
    ))}
  </svg>
);

export const TrueSize = ({ angleDeg, liftMm }: { angleDeg: number; liftMm: number }) => {
  const [kept, keep] = useStored<number | null>('pixels per mm', null);
  const [checking, setChecking] = useState(false);
  const [pxPerMm, setPxPerMm] = useState(kept ?? USUAL_PX_PER_MM);
  if (kept === null || checking) {
    return (
      <Stack>
        <h2>{STRINGS.trueSizeOnThisScreen}</h2>
        <MutedText>{STRINGS.holdABankCardAgainstThe}</MutedText>
        <Slider
          value={pxPerMm}
          minValue={2}
          maxValue={8}
          step={0.01}
          style={{ maxWidth: 420 }}
          onChange={(next) => setPxPerMm(typeof next === 'number' ? next : next[0])}
        >
          <Label>{STRINGS.sizeOfTheCard}</Label>
          <SliderBar />
        </Slider>
        <Card
          style={{ width: CARD_MM.width * pxPerMm, height: CARD_MM.height * pxPerMm }}
          role="img"
          aria-label={STRINGS.aFrameTheSizeOfA}
        />
        <Row>
          <ActionButton
            onPress={() => {
              keep(pxPerMm);
              setChecking(false);
            }}
          >
            {STRINGS.itIsTheSizeOfThe}
          </ActionButton>
        </Row>
      </Stack>
    );
  }
  const angle = perSide(angleDeg);
  return (
    <Stack>
      <Row>
        <h2>{STRINGS.trueSizeOnThisScreen}</h2>
        <QuietButton onPress={() => setChecking(true)}>{STRINGS.checkWithACardAgain}</QuietButton>
      </Row>
      <div style={{ overflow: 'auto' }}>
        <Drawn template={wedgeTemplate(angle)} pxPerMm={kept} />
        <Drawn template={liftGaugeTemplate([{ zone: 'heel', liftMm }], angle)} pxPerMm={kept} />
      </div>
    </Stack>
  );
};
