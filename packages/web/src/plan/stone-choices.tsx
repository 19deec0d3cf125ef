/** Everything that can be chosen about the stones: school, finish by name, other progressions, stones per bevel, what follows them. */
import type { PlanInput } from '@patient-edge/core';
import { useMemo } from 'react';
import { useSteels } from '../api/hooks';
import { NamedFinish } from '../progression/named-finish';
import { OtherChains } from '../progression/progression-board';
import { SchoolChoice } from '../progression/school-choice';
import { WishList } from '../progression/wishes';
import { Failed } from '../theme/failed';
import { Row, Stack } from '../theme/layout';
import { useProgression } from '../workers/use-progression';
import { AfterStones } from './after-stones';
import { ChainsControl } from './chains-control';
import type { SheetProps } from './sheet-props';

export interface StoneChoicesProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  readonly ofEdge: PlanInput['rack'];
  readonly treads: readonly { readonly id: string }[];
}

const StoneChoices = ({
  job,
  plan,
  choices,
  rack,
  ofEdge,
  treads,
  onChoices,
}: StoneChoicesProps) => (
  <Stack>
    <Row $align="start" $gap={24}>
      <div style={{ width: 330 }}>
        <SchoolChoice school={choices.school} onSchool={(school) => onChoices({ school })} />
      </div>
      <NamedFinish onFinish={(finishUm) => onChoices({ finishUm })} />
    </Row>
    <ChainsControl
      chains={choices.chains}
      rack={rack}
      edgeRack={ofEdge}
      edgeStones={treads.map(({ id }) => id)}
      onChains={(chains) => onChoices({ chains })}
    />
    <AfterStones
      finishing={choices.finishing}
      rack={rack}
      onFinishing={(finishing) => onChoices({ finishing })}
      series={choices.series}
      onSeries={(series) => onChoices({ series })}
    />
    {/* Last: it comes when it is weighed, and must not move what is about to be pressed. */}
    <Weighed
      job={job}
      plan={plan}
      choices={choices}
      rack={rack}
      ofEdge={ofEdge}
      treads={treads}
      onChoices={onChoices}
    />
  </Stack>
);

/** What the wishes about the stones would cost, weighed in a worker once the plan stands still. */
const Weighed = ({ job, plan, choices, rack, ofEdge, treads, onChoices }: StoneChoicesProps) => {
  const steels = useSteels();
  const steel = steels?.find(({ designation }) => designation === job.steel);
  const { school, first, skip, through, maxRatio } = choices;
  const question = useMemo(
    () =>
      steel
        ? {
            school,
            input: {
              steel,
              rack: ofEdge,
              work: plan.stock.edge,
              finishUm: plan.progression.finishUm,
              maxRatio: maxRatio ?? undefined,
              first: first ?? undefined,
              skip,
              through,
            },
          }
        : null,
    [
      steel,
      ofEdge,
      plan.stock.edge,
      plan.progression.finishUm,
      maxRatio,
      school,
      first,
      skip,
      through,
    ],
  );
  const { answer: weighed, error, retry } = useProgression(question);
  const named = choices.chains.some(({ part, stones }) => part === 'edge' && stones !== null);
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!weighed || named) return null;
  const bestSeconds = weighed.chosen.ok ? weighed.chosen.value.totalSeconds : 0;
  return (
    <Stack>
      <OtherChains
        others={plan.progression.alternatives}
        bestSeconds={bestSeconds}
        rack={rack}
        onTake={(stones) =>
          onChoices({
            chains: [
              ...choices.chains.filter(({ part }) => part !== 'edge'),
              {
                part: 'edge',
                stones,
                bond: null,
                finishUm: null,
                faceMm: null,
                direction: choices.direction,
                slurry: 'keep the mud',
              },
            ],
          })
        }
      />
      {treads.length > 0 && (
        <WishList
          rack={rack}
          costs={weighed.wishes}
          wishes={{ first, skip, through }}
          onWishes={(wishes) => onChoices(wishes)}
          onStopAt={(um) => onChoices({ finishUm: [um, um] })}
        />
      )}
    </Stack>
  );
};

export default StoneChoices;
