/** A part that is loaded apart, and drawn at once where it is here already: waiting for nothing would show its waiting. */
import { useState, type ComponentType, type FunctionComponent } from 'react';
import { lazyPart } from './lazy-part';

export interface Loaded<Props extends object> {
  /** Asks for it, as often as anybody likes. */
  readonly load: () => Promise<ComponentType<Props>>;
  readonly Part: FunctionComponent<Props>;
}

export const readyOrLazy = <Props extends object>(
  bring: () => Promise<ComponentType<Props>>,
): Loaded<Props> => {
  let ready: ComponentType<Props> | null = null;
  const load = async (): Promise<ComponentType<Props>> => {
    ready = await bring();
    return ready;
  };
  const Later = lazyPart(async () => ({ default: await load() }));
  const Part = (props: Props) => {
    // Chosen as it is first drawn: another component would forget what was typed.
    const [Chosen] = useState<ComponentType<Props>>(() => ready ?? (Later as ComponentType<Props>));
    return <Chosen {...props} />;
  };
  return { load, Part };
};
