/** What blades of each kind were estimated and charged, how long they took, and what an hour of them earned. */
import { money, moneyRange, type FigureSheet, type QuoteLine } from '@patient-edge/contract';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { CsvLink } from './csv-link';
import { Headings, WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

interface QuotesProps {
  readonly sheet: FigureSheet;
  readonly query: string;
  readonly currency: string;
}

const minutesEach = (seconds: number, blades: number): string =>
  STRINGS.minutes(Math.round(seconds / 60 / blades));

const estimated = (line: QuoteLine, currency: string): string =>
  line.quoted === 0
    ? STRINGS.noEstimate
    : moneyRange(
        Math.round(line.quotedLowMinor / line.quoted),
        Math.round(line.quotedHighMinor / line.quoted),
        currency,
      );

const cellsOf = (line: QuoteLine, currency: string): readonly string[] => [
  String(line.blades),
  estimated(line, currency),
  line.quoted === 0 ? '' : STRINGS.agreedOf(line.agreed, line.quoted),
  line.quoted === 0 ? '' : money(Math.round(line.chargedMinor / line.quoted), currency),
  line.quoted === 0 ? '' : `${line.above} / ${line.below}`,
  minutesEach(line.foreseenSeconds, line.blades),
  minutesEach(line.workedSeconds, line.blades),
  line.earnedSeconds === 0
    ? ''
    : money(Math.round((3600 * line.earnedMinor) / line.earnedSeconds), currency),
];

export const Quotes = ({ sheet: { quotes }, query, currency }: QuotesProps) => (
  <Panel aria-label={STRINGS.quotes}>
    <Stack>
      <Row $gap={16} $align="baseline">
        <h2>{STRINGS.quotes}</h2>
        <CsvLink query={query} table="quotes" />
      </Row>
      <MutedText>{STRINGS.quotesAre}</MutedText>
      <WideTable label={STRINGS.quotes}>
        <table>
          <Headings
            names={[
              STRINGS.kind,
              STRINGS.blades,
              STRINGS.estimated,
              STRINGS.agreed,
              STRINGS.charged,
              STRINGS.aboveBelow,
              STRINGS.foreseen,
              STRINGS.worked,
              STRINGS.perHour,
            ]}
          />
          <tbody>
            {quotes.map((line) => (
              <tr key={line.id}>
                <th scope="row">{line.name}</th>
                {cellsOf(line, currency).map((text, index) => (
                  <td key={index}>
                    <Figures>{text}</Figures>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </WideTable>
    </Stack>
  </Panel>
);
