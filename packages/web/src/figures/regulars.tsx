/** Who brings most, what of, and how often. */
import { Link } from 'react-router';
import { useRegulars } from '../api/hooks';
import { dayAndYear } from '../theme/format';
import { Figures, Panel, Row, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { CsvLink } from './csv-link';
import { WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

/** So many are shown; the file has more. */
const MOST_SHOWN = 12;

export const Regulars = ({ query }: { query: string }) => {
  const { data: regulars, error } = useRegulars(query);
  if (!regulars) return <Waiting error={error} text={STRINGS.loading} />;
  return (
    <Panel aria-label={STRINGS.regulars}>
      <Stack>
        <Row $gap={16} $align="baseline">
          <h2>{STRINGS.regulars}</h2>
          <CsvLink query={query} table="regulars" />
          <Link to="/ready">{STRINGS.writeToThem}</Link>
        </Row>
        <WideTable label={STRINGS.regulars}>
          <table>
            <thead>
              <tr>
                <th scope="col">{STRINGS.customer}</th>
                <th scope="col">{STRINGS.blades}</th>
                <th scope="col">{STRINGS.bringsMost}</th>
                <th scope="col">{STRINGS.every}</th>
                <th scope="col">{STRINGS.lastOn}</th>
              </tr>
            </thead>
            <tbody>
              {regulars.slice(0, MOST_SHOWN).map((each) => (
                <tr key={each.customerId}>
                  <th scope="row">
                    <Link to={`/customers/${each.customerId}`}>{each.name}</Link>
                  </th>
                  <td>
                    <Figures>{each.blades}</Figures>
                  </td>
                  <td>{each.brings}</td>
                  <td>{each.everyDays === null ? '' : STRINGS.days(each.everyDays)}</td>
                  <td>{dayAndYear(each.lastOn)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </WideTable>
      </Stack>
    </Panel>
  );
};
