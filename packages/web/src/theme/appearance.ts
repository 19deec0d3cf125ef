/** Light for the counter, dark for the bench: by choice, kept on this device. */
import { useEffect } from 'react';
import { useStored } from '../api/stored';

export type Appearance = 'light' | 'dark';

export const useAppearance = (): [Appearance, (next: Appearance) => void] => {
  const [appearance, setAppearance] = useStored<Appearance>('appearance', 'light');
  useEffect(() => {
    document.documentElement.dataset['theme'] = appearance;
  }, [appearance]);
  return [appearance, setAppearance];
};
