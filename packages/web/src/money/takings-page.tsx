/** What was taken on a day, by how it was paid. */
import { named } from '@patient-edge/core';
import { money, PAYMENT_METHODS, type Sale } from '@patient-edge/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { useTakings } from '../api/hooks';
import { useSession } from '../api/session';
import { dayAndYear, moment } from '../theme/format';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { NumbersNav } from './numbers-nav';
import { STRINGS } from './strings';

const sumOf = (sales: readonly Sale[]): number =>
  sales.reduce(
    (sum, { lines }) => sum + lines.reduce((all, { amountMinor }) => all + amountMinor, 0),
    0,
  );

const isDay = (typed: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(typed) && !Number.isNaN(Date.parse(typed));

const TakingsPage = () => {
  const [day, setDay] = useState<string | null>(null);
  const { data: takings, error } = useTakings(day !== null && isDay(day) ? day : null);
  const { data: session } = useSession();
  if (!takings || !session) return <Waiting error={error} text={STRINGS.loadingTheTakings} />;
  const { currency } = session;
  const counted = takings.sales.filter(({ undoneAt }) => undoneAt === null);
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <Row $gap={18} $align="end">
          <div style={{ flex: 1, minWidth: 240 }}>
            <PageHeading title={STRINGS.takings}>
              {STRINGS.takingsOf(dayAndYear(takings.day))}
            </PageHeading>
          </div>
          <div style={{ width: 190 }}>
            <TextEntry
              label={STRINGS.day}
              kind="date"
              value={day ?? takings.day}
              onChange={setDay}
            />
          </div>
        </Row>
        <Panel aria-label={STRINGS.sums}>
          <Row $gap={28} $align="baseline">
            <b style={{ fontSize: 26 }}>
              <Figures>{money(sumOf(counted), currency)}</Figures>
            </b>
            {PAYMENT_METHODS.map((method) => (
              <span key={method}>
                {named(method)}{' '}
                <Figures>
                  {money(sumOf(counted.filter((sale) => sale.method === method)), currency)}
                </Figures>
              </span>
            ))}
            <a href={`/api/takings.csv?day=${takings.day}`}>{STRINGS.asCsv}</a>
          </Row>
        </Panel>
        <Panel aria-label={STRINGS.receipts}>
          {takings.sales.length === 0 ? (
            <MutedText>{STRINGS.nothingWasTakenOnThisDay}</MutedText>
          ) : (
            <table>
              <thead>
                <tr>
                  <th scope="col">{STRINGS.receiptAlone}</th>
                  <th scope="col">{STRINGS.at}</th>
                  <th scope="col">{STRINGS.customer}</th>
                  <th scope="col">{STRINGS.blades}</th>
                  <th scope="col">{STRINGS.by}</th>
                  <th scope="col">{STRINGS.amount}</th>
                </tr>
              </thead>
              <tbody>
                {takings.sales.map((sale) => (
                  <tr key={sale.id}>
                    <td>
                      <a
                        href={`/api/payments/${sale.id}/receipt.pdf`}
                        target="_blank"
                        rel="noreferrer"
                      >
                        {sale.number}
                      </a>
                    </td>
                    <td>{moment(sale.at)}</td>
                    <td>
                      <Link to={`/customers/${sale.customerId}`}>{sale.customer}</Link>
                    </td>
                    <td>
                      {sale.lines
                        .map(({ tagNumber, blade }) => `${tagNumber} ${blade}`.trim())
                        .join(', ')}
                    </td>
                    <td>
                      {named(sale.method)}
                      {sale.undoneAt !== null && STRINGS.undoneMoment(moment(sale.undoneAt))}
                    </td>
                    <td>
                      <Figures>{money(sumOf([sale]), currency)}</Figures>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </Panel>
      </Stack>
    </>
  );
};

export default TakingsPage;
