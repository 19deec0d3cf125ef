/** The school of the progression, with what each wants. */
import { PROGRESSION_SCHOOLS, SCHOOL_REASONS, type ProgressionSchool } from '@patient-edge/core';
import { Select } from '../theme/select';
import { STRINGS } from './strings';

const NAMES: Readonly<Record<ProgressionSchool, string>> = {
  quickest: STRINGS.quickest,
  'fewest stones': STRINGS.fewestStones,
  'start fine': STRINGS.startFineSaveRefinement,
  'one coarse stone': STRINGS.oneCoarseStoneTrulySharp,
};

export const SchoolChoice = ({
  school,
  onSchool,
}: {
  school: ProgressionSchool;
  onSchool: (next: ProgressionSchool) => void;
}) => (
  <Select
    label={STRINGS.school}
    options={PROGRESSION_SCHOOLS.map((id) => ({ id, label: NAMES[id] }))}
    value={school}
    onChange={onSchool}
    hint={SCHOOL_REASONS[school]}
  />
);
