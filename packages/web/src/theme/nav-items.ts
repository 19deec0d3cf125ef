/** Where one can go, in its order, and which of it is where one is; each for those who may. */
import type { SessionInfo } from '@patient-edge/contract';
import { mayDo, type Action } from '@patient-edge/core';
import { useLocation } from 'react-router';
import type { Appearance } from './appearance';
import { STRINGS } from './strings';

interface Item {
  readonly to: string;
  readonly text: string;
  /** Further addresses that belong to it. */
  readonly also?: RegExp;
  readonly action?: Action;
  /** In sight on a tablet too. */
  readonly isMain?: boolean;
}

const ITEMS: readonly Item[] = [
  { to: '/', text: STRINGS.shop, isMain: true, also: /^\/jobs\/\d+\/?$/ },
  { to: '/take-in', text: STRINGS.takeIn, isMain: true },
  { to: '/day', text: STRINGS.day, isMain: true },
  {
    to: '/tray',
    text: STRINGS.bench,
    isMain: true,
    action: 'work step',
    also: /^\/jobs\/\d+\/bench/,
  },
  { to: '/ready', text: STRINGS.ready, isMain: true },
  { to: '/customers', text: STRINGS.customers, also: /^\/blades/ },
  { to: '/rack', text: STRINGS.shelf },
  {
    to: '/history',
    text: STRINGS.numbers,
    also: /^\/(takings|figures|calculator|rates|forecasts|lives|trials)/,
  },
  { to: '/settings', text: STRINGS.settings },
];

export interface MainNavProps {
  readonly session: SessionInfo;
  readonly appearance: Appearance;
  readonly onAppearance: (next: Appearance) => void;
  readonly onSignOut: () => void;
}

export const useNavItems = ({ staff }: SessionInfo) => {
  const { pathname } = useLocation();
  return ITEMS.filter(({ action }) => !action || (staff && mayDo(staff.role, action))).map(
    ({ to, text, also, isMain }) => ({
      to,
      text,
      isMain,
      isHere: to === '/' ? pathname === '/' || also!.test(pathname) : undefined,
      isAlso: also?.test(pathname) ?? false,
    }),
  );
};
