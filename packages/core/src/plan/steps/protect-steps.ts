/** What is wrapped and taped before a stone touches the blade, where it would show. */
import { say, type Message } from '../../text';
import { PROTECT_SECONDS } from './first-guesses';
import { byHabit, type StepKit } from './kit';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

export interface ProtectMaker {
  readonly protect: () => PlanStep[];
}

export const protectMaker = ({ input, drafted }: StepKit): ProtectMaker => ({
  protect: () => {
    const { answers, machine } = input;
    const surface = answers['surface'];
    const lines: Message[] = [
      ...(surface === 'printed mark' ? [say('protect.mark')] : []),
      ...(surface === 'coated' || answers['back'] === 'coated' ? [say('protect.coating')] : []),
      ...(surface === 'etched' || surface === 'polished' ? [say('protect.faces')] : []),
      ...(answers['patina'] === 'to be kept' ? [say('protect.patina')] : []),
      ...(machine?.kind === 'clamp rig' ? [say('protect.jaws')] : []),
    ];
    if (lines.length === 0) return [];
    return [
      {
        ...drafted(
          'protect',
          { title: say('protect.title'), instruction: [...lines, say('protect.handle')] },
          PROTECT_SECONDS,
          byHabit(STRINGS.paperTapeAndWrapping),
        ),
        zone: say('protect.zone'),
        check: say('protect.check'),
      },
    ];
  },
});
