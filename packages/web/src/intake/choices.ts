/** The long lists of the intake, as its boxes offer them. */
import { BLADE_KINDS, STEELS, USES } from '@patient-edge/core';
import { useMemo } from 'react';
import { useSteels } from '../api/hooks';
import { type Option } from '../theme/options';
import { STRINGS } from './strings';

export const KIND_OPTIONS: readonly Option<string>[] = BLADE_KINDS.map(({ id, label, group }) => ({
  id,
  label,
  detail: group,
}));

export const USE_OPTIONS: readonly Option<string>[] = USES.map(({ id, label, angleDeg }) => ({
  id,
  label,
  detail: STRINGS.perSide(angleDeg[0], angleDeg[1]),
}));

/** The table of the trade and the shop's own. */
export const useSteelOptions = (): readonly Option<string>[] => {
  const steels = useSteels() ?? STEELS;
  return useMemo(
    () =>
      steels.map(({ designation, steelClass, hrcLow, hrcHigh }) => ({
        id: designation,
        label: designation,
        detail: `${steelClass}, ${hrcLow}–${hrcHigh} HRC`,
      })),
    [steels],
  );
};
