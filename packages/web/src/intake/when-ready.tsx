/** "When can I have it?": the first days on which it fits by cautious times, and what a day before them would do. */
import { useWhen } from '../api/hooks';
import { day } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row } from '../theme/layout';
import type { Promised } from './promised-on';
import { STRINGS } from './strings';

interface WhenReadyProps {
  readonly kindId: string;
  readonly promisedOn: string;
  readonly onChoose: (next: Promised) => void;
}

/** More answers than this confuse the counter. */
const OFFERED = 2;

export const WhenReady = ({ kindId, promisedOn, onChoose }: WhenReadyProps) => {
  const { data: answer } = useWhen(kindId);
  const [first] = answer?.offers ?? [];
  if (!answer || !first) return null;
  const { sooner } = answer;
  const isTooSoon = promisedOn !== '' && promisedOn < first.day;
  return (
    // No higher than the heading it stands beside: the button below stays in sight.
    <Row $gap={12} $align="baseline" style={{ marginBlock: -8 }}>
      <MutedText>{STRINGS.fitsFrom(Math.round(answer.minutes))}</MutedText>
      {answer.offers.slice(0, OFFERED).map((offer) => (
        <QuietButton
          key={`${offer.day} ${offer.placeId}`}
          onPress={() => onChoose({ promisedOn: offer.day, placeId: String(offer.placeId) })}
        >
          {STRINGS.dayAtPlace(day(offer.day), offer.place)}
        </QuietButton>
      ))}
      {isTooSoon && (
        <b role="status">
          {sooner?.day === promisedOn
            ? STRINGS.pushes(
                day(promisedOn),
                sooner.pushes.map(({ tagNumber }) => tagNumber).join(', '),
                Math.max(...sooner.pushes.map(({ lateMinutes }) => lateMinutes)),
              )
            : STRINGS.tooSoon(day(promisedOn))}
        </b>
      )}
      {answer.late > 0 && <MutedText>{STRINGS.lateAlready(answer.late)}</MutedText>}
    </Row>
  );
};
