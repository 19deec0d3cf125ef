/** The progression: the stones of the edge, from what the rack offers to the finish wanted. */
import { ok } from '../../../units';
import { whatToBuy } from '../../../abrasive';
import { finishWishOf } from '../../choices';
import { adviceOnStones, edgeChains, finishWantedUm, nearestWindows } from '../../steps';
import type { Phase } from '../context';
import type { ProgressionPart, StockPart } from '../parts';
import type { SectionedContext } from './stock';

/** Never fails: no chain is an answer, with the abrasive that would close the gap. */
export const progressionPhase: Phase<
  SectionedContext & { readonly stock: StockPart },
  ProgressionPart
> = ({ input, use, stock }) => {
  const { stockMm3, faceAreaMm2 } = stock.edge;
  const work = { mm3: stockMm3, faceMm2: faceAreaMm2 };
  const wish = input.choices.finishUm ? null : finishWishOf(input.answers, use, input.steel);
  const wantedUm = finishWantedUm(input, use);
  const within = edgeChains(input, wantedUm);
  const asWanted = within.chainFor(work);
  // A wish no stone of the rack meets gets the nearest, and how far off it is.
  const nearest =
    asWanted.ok || wish === null
      ? null
      : (nearestWindows(input, wish.um)
          .map((window) => ({ window, made: edgeChains(input, window).chainFor(work) }))
          .find(({ made }) => made.ok) ?? null);
  const chosen = nearest?.made ?? asWanted;
  const finishUm = nearest?.window ?? wantedUm;
  const chains = within;
  const finish = { finishUm, wish };
  return ok(
    chosen.ok
      ? {
          ...finish,
          chain: chosen.value,
          alternatives: chosen.value.alternatives ?? [],
          error: null,
          advice: adviceOnStones(input, chosen.value),
          toBuy: null,
        }
      : {
          ...finish,
          chain: null,
          alternatives: [],
          error: chosen.error,
          advice: [],
          toBuy: whatToBuy(chains.asked({ mm3: 0, faceMm2: 0 })),
        },
  );
};
