/** The sound of a stone that is ready: two short tones, made here, no file. */

const TONES_HZ = [660, 880];
const TONE_S = 0.22;

let context: AudioContext | null = null;

/** Browsers let a page sound only after somebody has touched it: called from a press, it opens the way. */
export const wakeSound = (): void => {
  context ??= new AudioContext();
  if (context.state === 'suspended') void context.resume();
};

/** Sounds if the page may. */
export const chime = (): void => {
  wakeSound();
  if (!context || context.state !== 'running') return;
  const begin = context.currentTime;
  TONES_HZ.forEach((hz, index) => {
    const tone = context!.createOscillator();
    const loudness = context!.createGain();
    const from = begin + index * TONE_S;
    tone.frequency.value = hz;
    loudness.gain.setValueAtTime(0.0001, from);
    loudness.gain.exponentialRampToValueAtTime(0.25, from + 0.03);
    loudness.gain.exponentialRampToValueAtTime(0.0001, from + TONE_S);
    tone.connect(loudness).connect(context!.destination);
    tone.start(from);
    tone.stop(from + TONE_S);
  });
};
