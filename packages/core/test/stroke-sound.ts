/** The sound of strokes on a stone, made up: bursts of noise over hiss, the same every time. */
export interface MadeStrokes {
  readonly sampleRateHz: number;
  readonly strokes: readonly { readonly atS: number; readonly seconds: number }[];
  readonly seconds: number;
  readonly loudness: number;
  readonly hiss: number;
  /** How much of each sample is the one before: more is duller. */
  readonly dullness?: number;
}

export const soundOf = ({
  sampleRateHz,
  strokes,
  seconds,
  loudness,
  hiss,
  dullness = 0,
}: MadeStrokes): Float32Array => {
  const samples = new Float32Array(Math.round(seconds * sampleRateHz));
  let seed = 12345;
  const noise = (): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return seed / 2 ** 31 - 1;
  };
  let dull = 0;
  let next = 0;
  for (let index = 0; index < samples.length; index += 1) {
    const atS = index / sampleRateHz;
    while (next < strokes.length && atS > strokes[next]!.atS + strokes[next]!.seconds) next += 1;
    const stroke = strokes[next];
    const within = stroke && atS >= stroke.atS ? (atS - stroke.atS) / stroke.seconds : -1;
    // It swells and dies away, as a hand does.
    const swell = within < 0 ? 0 : Math.max(0, Math.sin(Math.PI * within)) ** 0.3;
    dull = dullness * dull + (1 - dullness) * noise();
    samples[index] = hiss * noise() + loudness * swell * dull;
  }
  return samples;
};

/** So many strokes, evenly. */
export const strokesEvery = (
  count: number,
  everyS: number,
  seconds: number,
  fromS = 1,
): { readonly atS: number; readonly seconds: number }[] =>
  Array.from({ length: count }, (_, index) => ({ atS: fromS + index * everyS, seconds }));
