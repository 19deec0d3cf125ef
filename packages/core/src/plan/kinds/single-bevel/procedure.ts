import { joined, say, type Message } from '../../../text';
import type { StrategyInput } from '../../cuts';
import type { Procedure } from '../strategy';

/**
 * Carving and woodcraft knives with one flat bevel to the edge: the bevel is the guide, there is no secondary
 * angle; equal counts, then in turn; extra work where it carves most.
 */
const CARVES_MOST: Readonly<Record<string, Message>> = {
  'the part at the handle': say('single-bevel.carves-most.handle'),
  'the middle': say('single-bevel.carves-most.middle'),
  'the tip': say('single-bevel.carves-most.tip'),
};

export const singleBevelProcedure = (input: StrategyInput): Procedure => {
  const extra = CARVES_MOST[String(input.answers['carvesMost'] ?? 'the part at the handle')];
  return {
    steps: (make) => [
      ...make.outline(),
      ...make.edge((_body, index) => ({
        zone: say('single-bevel.edge.zone'),
        instruction:
          index === 0
            ? joined(say('single-bevel.edge.instruction.first'), extra ?? [])
            : say('single-bevel.edge.instruction.next'),
        check:
          index === 0 ? say('single-bevel.edge.check.first') : say('single-bevel.edge.check.next'),
      })),
      ...make.micro(),
      ...make.deburr(),
      ...make.strop({
        instruction: say('single-bevel.strop.instruction'),
      }),
      ...make.wash(),
    ],
  };
};
