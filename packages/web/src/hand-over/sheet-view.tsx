/** The customer's sheet as the screen draws it, and as it prints. */
import { money, type Bill, type Photograph } from '@patient-edge/contract';
import { toPayMinor, type BladeMeasures, type CustomerSheet } from '@patient-edge/core';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { Panel, MutedText, Stack } from '../theme/layout';
import { STRINGS } from './strings';

const Paper = styled(Panel)`
  max-width: 860px;
  @media print {
    border: none;
    padding: 0;
  }
`;
const Title = styled.header`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 6px 20px;
  align-items: end;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 8px;
`;
const Figure = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
  & b {
    font: 650 26px/1.2 var(--figures);
  }
`;
const Parts = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px 30px;
  @media (max-width: 700px) {
    grid-template-columns: 1fr;
  }
`;
const Pictures = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
  & img {
    width: 100%;
  }
`;

export interface SheetPictures {
  readonly came: Photograph | null;
  readonly leaves: Photograph | null;
}

interface SheetViewProps {
  readonly sheet: CustomerSheet;
  readonly measures: BladeMeasures;
  /** Whose it is and when, at the right of its head. */
  readonly right: ReactNode;
  readonly bill: Bill | null;
  readonly currency: string;
  /** Null where they cannot be shown. */
  readonly pictures: SheetPictures | null;
}

export const SheetView = ({ sheet, measures, right, bill, currency, pictures }: SheetViewProps) => (
  <Paper aria-label={STRINGS.sheetForTheCustomer}>
    <Stack $gap={16}>
      <Title>
        <div>
          <h2>{sheet.title}</h2>
          <MutedText>{sheet.under}</MutedText>
        </div>
        <MutedText as="div">{right}</MutedText>
      </Title>
      <Silhouette measures={measures} scale={1.1} title={sheet.under} />
      {sheet.figure && (
        <Figure>
          <span>{sheet.figure.label}</span>
          <b>
            {sheet.figure.before} → {sheet.figure.after}
          </b>
        </Figure>
      )}
      <Parts>
        {sheet.parts.map(({ heading, lines }) => (
          <Stack key={heading} $gap={4}>
            <h3>{heading}</h3>
            {lines.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </Stack>
        ))}
        {bill && (
          <Stack $gap={4}>
            <h3>{STRINGS.price}</h3>
            <p>
              {money(bill.priceMinor - bill.discountMinor, currency)}
              {bill.discountMinor > 0 && `, ${bill.discountReason.toLowerCase()}`}
              {toPayMinor(bill) > 0
                ? STRINGS.toPay(money(toPayMinor(bill), currency))
                : bill.paidMinor > 0
                  ? STRINGS.paid
                  : ''}
            </p>
          </Stack>
        )}
      </Parts>
      {pictures && (pictures.came ?? pictures.leaves) !== null && (
        <Pictures>
          {(
            [
              [STRINGS.asItCame, pictures.came],
              [STRINGS.asItLeaves, pictures.leaves],
            ] as const
          ).map(
            ([label, photograph]) =>
              photograph && (
                <figure key={label} style={{ margin: 0 }}>
                  <img src={`/api/photographs/${photograph.id}/small.jpg`} alt={label} />
                  <figcaption>{label}</figcaption>
                </figure>
              ),
          )}
        </Pictures>
      )}
    </Stack>
  </Paper>
);
