/** The rig's angle by ink: what is seen at heel, middle and tip, and what to turn or slide for it. */
import {
  findAngle,
  INK_PLACES,
  INK_SEEN,
  type InkAlong,
  type InkSeen,
  named,
} from '@patient-edge/core';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { Option } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { STRINGS } from './strings';

const NOT_LOOKED: InkAlong = { heel: null, middle: null, tip: null };

const GONE_AT: Readonly<Record<InkSeen, string>> = {
  shoulder: STRINGS.shoulderOnly,
  across: STRINGS.across,
  edge: STRINGS.edgeOnly,
};
const ANSWERS: readonly Option<InkSeen>[] = INK_SEEN.map((id) => ({ id, label: GONE_AT[id] }));

export const FindTheAngle = ({ stepId }: { stepId: number }) => {
  const [seen, setSeen] = useStored<InkAlong>(`ink ${stepId}`, NOT_LOOKED);
  const advice = findAngle(seen);
  return (
    <Stack as="section" aria-label={STRINGS.whereTheInkIsGone} $gap={10}>
      {INK_PLACES.map((place) => (
        <SegmentedControl
          key={place}
          label={STRINGS.inkGone(named(place))}
          options={ANSWERS}
          value={seen[place]}
          onChange={(answer) => setSeen({ ...seen, [place]: answer })}
        />
      ))}
      {advice && (
        <Notice tone={advice.isMatched ? 'good' : 'plain'}>
          <p role="status">{advice.text}</p>
        </Notice>
      )}
      {advice && <QuietButton onPress={() => setSeen(NOT_LOOKED)}>{STRINGS.inkAgain}</QuietButton>}
    </Stack>
  );
};
