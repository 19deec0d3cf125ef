/** The school of the progression, with what each wants. */
import { PROGRESSION_SCHOOLS, SCHOOL_REASONS, type ProgressionSchool } from '@patient-edge/core';
import { Select } from '../theme/select';
import { WORDS } from './words';

const NAMES: Readonly<Record<ProgressionSchool, string>> = {
  quickest: WORDS.quickest,
  'fewest stones': WORDS.fewestStones,
  'start fine': WORDS.startFineSaveRefinement,
  'one coarse stone': WORDS.oneCoarseStoneTrulySharp,
};

export const SchoolChoice = ({
  school,
  onSchool,
}: {
  school: ProgressionSchool;
  onSchool: (next: ProgressionSchool) => void;
}) => (
  <Select
    label={WORDS.school}
    options={PROGRESSION_SCHOOLS.map((id) => ({ id, label: NAMES[id] }))}
    value={school}
    onChange={onSchool}
    hint={SCHOOL_REASONS[school]}
  />
);
