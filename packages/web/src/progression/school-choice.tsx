/** The school of the progression, with what each wants. */
import { PROGRESSION_SCHOOLS, SCHOOL_REASONS, type ProgressionSchool } from '@patient-edge/core';
import { Select } from '../theme/select';

const NAMES: Readonly<Record<ProgressionSchool, string>> = {
  quickest: 'Quickest',
  'fewest stones': 'Fewest stones',
  'start fine': 'Start fine, save refinement',
  'one coarse stone': 'One coarse stone, truly sharp',
};

export const SchoolChoice = ({
  school,
  onSchool,
}: {
  school: ProgressionSchool;
  onSchool: (next: ProgressionSchool) => void;
}) => (
  <Select
    label="School"
    options={PROGRESSION_SCHOOLS.map((id) => ({ id, label: NAMES[id] }))}
    value={school}
    onChange={onSchool}
    hint={SCHOOL_REASONS[school]}
  />
);
