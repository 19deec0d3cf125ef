/** In the evening, once: what was foreseen and what it took. Before that it can be opened. */
import type { DayFacts, DayReview } from '@patient-edge/contract';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useDayReview } from '../api/hooks';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { roughly } from '../theme/format';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { Headings, WideTable } from '../theme/wide-table';
import { isEvening } from './day-view';
import { STRINGS } from './strings';

const share = (worked: number, foreseen: number): string =>
  foreseen === 0 ? '–' : `${Math.round((100 * worked) / foreseen)} %`;

/** A time keeps its unit beside it, on a telephone too. */
const Times = styled.table`
  & td {
    white-space: nowrap;
  }
`;

/** Those that were off by more than the rounding of their times hides. */
const isTold = ({ workedSeconds, foreseenSeconds }: DayReview['furthest'][number]): boolean =>
  roughly(workedSeconds) !== roughly(foreseenSeconds);

const Rows = ({ review }: { review: DayReview }) => (
  <WideTable label={STRINGS.review}>
    <Times>
      <Headings
        names={[STRINGS.who, STRINGS.stepsDone, STRINGS.foreseen, STRINGS.real, STRINGS.ofForeseen]}
      />
      <tbody>
        {[...review.people, { ...review, name: STRINGS.together }].map((each) => (
          <tr key={each.name}>
            <th scope="row">{each.name}</th>
            <td>
              <Figures>{each.steps}</Figures>
            </td>
            <td>
              <Figures>{roughly(each.foreseenSeconds)}</Figures>
            </td>
            <td>
              <Figures>{roughly(each.workedSeconds)}</Figures>
            </td>
            <td>
              <Figures>{share(each.workedSeconds, each.foreseenSeconds)}</Figures>
            </td>
          </tr>
        ))}
      </tbody>
    </Times>
  </WideTable>
);

const Review = () => {
  const { data: review, error } = useDayReview();
  if (!review) return <Waiting error={error} text={STRINGS.loading} />;
  if (review.steps + review.leftOut === 0) return <MutedText>{STRINGS.nothingDone}</MutedText>;
  const furthest = review.furthest.filter(isTold);
  return (
    <Stack>
      <Rows review={review} />
      {furthest.length > 0 && (
        <ul>
          {furthest.map((each, index) => (
            <li key={index}>
              <Link to={`/jobs/${each.jobId}`}>{each.tagNumber}</Link>{' '}
              {STRINGS.tookInstead(
                each.stone,
                roughly(each.workedSeconds),
                roughly(each.foreseenSeconds),
              )}
            </li>
          ))}
        </ul>
      )}
      {review.notDone.length > 0 && (
        <p>
          {STRINGS.notDone}{' '}
          {review.notDone.map(({ jobId, tagNumber }, index) => (
            <span key={jobId}>
              {index > 0 && ', '}
              <Link to={`/jobs/${jobId}`}>{tagNumber}</Link>
            </span>
          ))}
        </p>
      )}
      <MutedText>
        {STRINGS.learnt(review.steps)} {review.leftOut > 0 && STRINGS.leftOut(review.leftOut)}{' '}
        <Link to="/rates">{STRINGS.rates}</Link>
      </MutedText>
    </Stack>
  );
};

export const ReviewSheet = ({ facts }: { facts: DayFacts }) => {
  const [seen, setSeen] = useStored('day looked back on', '');
  const isDue = isEvening(facts) && seen !== facts.now.day;
  return (
    <Panel aria-label={STRINGS.review}>
      {isDue ? (
        <Stack>
          <h2>{STRINGS.review}</h2>
          <Review />
          <Row>
            <QuietButton onPress={() => setSeen(facts.now.day)}>{STRINGS.putAway}</QuietButton>
          </Row>
        </Stack>
      ) : (
        <Fold title={STRINGS.review} level={2} says={STRINGS.reviewSays}>
          <Review />
        </Fold>
      )}
    </Panel>
  );
};
