/** The rack: every abrasive on one axis of micrometres, drawn to scale, and in rows below. */
import { useState } from 'react';
import { useStones } from '../api/hooks';
import { useMay } from '../api/may';
import { RackShelf } from '../instruments/rack-shelf';
import { useMinute } from '../soaking/clock';
import { ActionButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Waiting } from '../theme/waiting';
import { useRackFile } from './rack-file';
import { RackList } from './rack-list';
import { ShelfNav } from './shelf-nav';
import { StarterRacks } from './starter-rack';
import { StoneForm } from './stone-form';
import { PageHeading } from '../theme/page-heading';

const RackPage = () => {
  const { data: stones, error } = useStones();
  const [adding, setAdding] = useState(false);
  const nowMs = useMinute();
  const file = useRackFile(stones ?? []);
  const mayEdit = useMay('change stones');
  if (!stones) return <Waiting error={error} text="Loading the rack…" />;
  const used = stones.filter(({ retired }) => !retired);
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <PageHeading title="Abrasives" />
          {mayEdit && <ActionButton onPress={() => setAdding(true)}>Add an abrasive</ActionButton>}
          {mayEdit ? file.buttons : <a href="/api/stones.csv">Export CSV</a>}
        </Row>
        {file.preview}
        {adding && <StoneForm stone={null} rack={stones} onClose={() => setAdding(false)} />}
        {used.length === 0 ? (
          <>
            <Notice>The rack is empty. A plan needs a stone at least.</Notice>
            {mayEdit && <StarterRacks />}
          </>
        ) : (
          <Panel aria-label="The rack by grain">
            <RackShelf
              stones={used}
              label={`The rack by grain: ${used
                .slice(0, 40)
                .map(({ name, um }) => `${name} ${um} µm`)
                .join(', ')}`}
            />
            <MutedText>
              To one scale from the side. Dashed: worn off. Line across: the thinnest it may get. A
              hollow top needs flattening.
            </MutedText>
          </Panel>
        )}
        {stones.length > 0 && (
          <Panel aria-label="The rack in rows">
            <RackList stones={stones} nowMs={nowMs} />
          </Panel>
        )}
      </Stack>
    </>
  );
};

export default RackPage;
