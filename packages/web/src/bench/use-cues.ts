/** What a hand that looks at the stone hears of its pattern: change sides, next round, feel for the burr. */
import { cueBetween, type RoundAtWork, named } from '@patient-edge/core';
import { useEffect, useRef } from 'react';
import { useStored } from '../api/stored';
import { playSound, speak } from '../theme/sounds';
import { STRINGS } from './strings';

/** The burr is felt for after so many strokes; 0 is at the end of the pattern only. */
export const useFeelEvery = () => useStored<number>('feel every', 0);

const sayNow = ({ rounds, now, isTimed }: RoundAtWork): string => {
  if (now === null) return STRINGS.feelForTheBurr;
  const { side, zone } = rounds[now.index]!.round;
  const left = isTimed ? STRINGS.seconds(Math.round(now.left)) : String(now.left);
  return `${left} ${side === null ? STRINGS.inTurn : STRINGS.onThe(named(side))}${zone === null ? '' : `, ${named(zone)}`}`;
};

/** True while the count asks for the burr to be felt. */
export const useCues = (pattern: RoundAtWork, strokes: number): boolean => {
  const [feelEvery] = useFeelEvery();
  const before = useRef({ pattern, strokes });
  const isFeelDue = feelEvery > 0 && strokes > 0 && strokes % feelEvery === 0;
  useEffect(() => {
    const was = before.current;
    before.current = { pattern, strokes };
    // Taken back or laid out anew: nothing has been reached.
    if (was.pattern.rounds.length !== pattern.rounds.length || strokes < was.strokes) return;
    const cue = cueBetween(was.pattern, pattern);
    if (cue !== null) {
      playSound(cue);
      speak(cue === 'swap' ? STRINGS.swap(sayNow(pattern)) : sayNow(pattern));
    } else if (isFeelDue && strokes > was.strokes) {
      playSound('feel');
      speak(STRINGS.feelForTheBurr);
    }
  });
  return isFeelDue;
};
