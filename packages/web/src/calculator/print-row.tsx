/** Wedge and lift gauge on paper, at true size, as SVG and PDF. */
import {
  liftGaugeTemplate,
  perSide,
  templateToSvg,
  wedgeTemplate,
  type Template,
} from '@patient-edge/core';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { STRINGS } from './strings';

const PdfLink = styled.a`
  min-height: 44px;
  padding: 10px 18px;
  border: 2px solid var(--line);
  border-radius: 4px;
  font-weight: 600;
  text-decoration: none;
`;

/** Hands a file to the browser. */
const download = (template: Template): void => {
  const address = URL.createObjectURL(
    new Blob([templateToSvg(template)], { type: 'image/svg+xml' }),
  );
  const link = document.createElement('a');
  link.href = address;
  link.download = `${template.title.replaceAll(/[^\w.]+/g, '-')}.svg`;
  link.click();
  URL.revokeObjectURL(address);
};

export const PrintRow = ({ angleDeg, liftMm }: { angleDeg: number; liftMm: number }) => {
  const angle = perSide(angleDeg);
  return (
    <Row>
      <QuietButton onPress={() => download(wedgeTemplate(angle))}>{STRINGS.wedgeSvg}</QuietButton>
      <PdfLink href={`/api/print/wedge.pdf?angleDeg=${angleDeg}`} target="_blank" rel="noreferrer">
        {STRINGS.wedgePdf}
      </PdfLink>
      <QuietButton onPress={() => download(liftGaugeTemplate([{ zone: 'heel', liftMm }], angle))}>
        {STRINGS.liftGaugeSvg}
      </QuietButton>
      <PdfLink
        href={`/api/print/lift-gauge.pdf?angleDeg=${angleDeg}&liftMm=${liftMm}`}
        target="_blank"
        rel="noreferrer"
      >
        {STRINGS.liftGaugePdf}
      </PdfLink>
    </Row>
  );
};
