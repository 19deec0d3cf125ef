/** The progression: the stones of the edge, from what the rack offers to the finish wanted. */
import { ok } from '../../../units';
import { whatToBuy } from '../../../abrasive';
import { adviceOnStones, edgeChains, finishWantedUm } from '../../steps';
import type { Phase } from '../context';
import type { ProgressionPart, StockPart } from '../parts';
import type { SectionedContext } from './stock';

/** Never fails: no chain is an answer, with the abrasive that would close the gap. */
export const progressionPhase: Phase<
  SectionedContext & { readonly stock: StockPart },
  ProgressionPart
> = ({ input, use, stock }) => {
  const finishUm = finishWantedUm(input, use);
  const chains = edgeChains(input, finishUm);
  const { stockMm3, faceAreaMm2 } = stock.edge;
  const chosen = chains.chainFor({ mm3: stockMm3, faceMm2: faceAreaMm2 });
  return ok(
    chosen.ok
      ? {
          finishUm,
          chain: chosen.value,
          alternatives: chosen.value.alternatives ?? [],
          error: null,
          advice: adviceOnStones(input, chosen.value),
          toBuy: null,
        }
      : {
          finishUm,
          chain: null,
          alternatives: [],
          error: chosen.error,
          advice: [],
          toBuy: whatToBuy(chains.asked({ mm3: 0, faceMm2: 0 })),
        },
  );
};
