/** Light for the counter, dark for the bench: by choice, kept on this device. */
import { useEffect } from 'react';
import { useShared } from '../api/shared';

export type Appearance = 'light' | 'dark';

export const useAppearance = (): [Appearance, (next: Appearance) => void] => {
  const [appearance, setAppearance] = useShared<Appearance>('appearance', 'light');
  useEffect(() => {
    document.documentElement.dataset['theme'] = appearance;
  }, [appearance]);
  return [appearance, setAppearance];
};
