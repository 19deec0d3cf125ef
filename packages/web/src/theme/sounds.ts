/** Sounds made here, no files: a soaked stone, and the cues of the bench. Loudness and voice are this device's own. */
import type { Cue } from '@patient-edge/core';
import { readStored, useStored } from '../api/stored';

export interface SoundSettings {
  /** 0 is off, 1 as loud as the device plays. */
  readonly volume: number;
  /** Cues are spoken too, where the browser has a voice. */
  readonly isSpoken: boolean;
}

export const SOUND_SETTINGS: SoundSettings = { volume: 0.5, isSpoken: false };
const NAME = 'sounds';

export const useSoundSettings = () => useStored<SoundSettings>(NAME, SOUND_SETTINGS);

export type Sound = Cue | 'feel' | 'soak' | 'soaked' | 'alarm';

/** Told apart without looking: rising is go on, two equal is change sides, falling is the end, low is stop. */
const TONES_HZ: Readonly<Record<Sound, readonly number[]>> = {
  soak: [880, 660, 440],
  soaked: [660, 880],
  swap: [587, 587],
  next: [523, 659],
  finished: [784, 659, 523],
  feel: [440],
  alarm: [220, 220, 220],
};
const TONE_S = 0.18;
const SILENT = 0.0001;

let context: AudioContext | null = null;

/** Browsers let a page sound only after somebody has touched it: called from a press, it opens the way. */
export const wakeSound = (): void => {
  context ??= new AudioContext();
  if (context.state === 'suspended') void context.resume();
};

/** Sounds if the page may. */
export const playSound = (sound: Sound): void => {
  const { volume } = readStored<SoundSettings>(NAME) ?? SOUND_SETTINGS;
  if (volume <= 0) return;
  wakeSound();
  if (!context || context.state !== 'running') return;
  const begin = context.currentTime;
  TONES_HZ[sound].forEach((hz, index) => {
    const tone = context!.createOscillator();
    const loudness = context!.createGain();
    const from = begin + index * TONE_S;
    tone.frequency.value = hz;
    loudness.gain.setValueAtTime(SILENT, from);
    loudness.gain.exponentialRampToValueAtTime(Math.max(SILENT, 0.5 * volume), from + 0.03);
    loudness.gain.exponentialRampToValueAtTime(SILENT, from + TONE_S);
    tone.connect(loudness).connect(context!.destination);
    tone.start(from);
    tone.stop(from + TONE_S);
  });
};

/** Whether this browser has a voice at all. */
export const hasVoice = (): boolean =>
  'speechSynthesis' in window && window.speechSynthesis.getVoices().length > 0;

/** Speaks if it is wanted and there is a voice; what was being said is cut short. */
export const speak = (text: string): void => {
  const { isSpoken, volume } = readStored<SoundSettings>(NAME) ?? SOUND_SETTINGS;
  if (!isSpoken || volume <= 0 || !hasVoice()) return;
  window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text);
  said.volume = volume;
  said.lang = 'en';
  window.speechSynthesis.speak(said);
};
