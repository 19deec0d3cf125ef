/** The rack: every abrasive on one axis of micrometres, drawn to scale, and in rows below. */
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
import { useAdding } from '../theme/use-adding';
import { STRINGS } from './strings';

const RackPage = () => {
  const { data: stones, error } = useStones();
  const [adding, setAdding] = useAdding();
  const nowMs = useMinute();
  const file = useRackFile(stones ?? []);
  const mayEdit = useMay('change stones');
  if (!stones) return <Waiting error={error} text={STRINGS.loadingTheRack} />;
  const used = stones.filter(({ retired }) => !retired);
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <PageHeading title={STRINGS.abrasives} />
          {mayEdit && (
            <ActionButton onPress={() => setAdding(true)}>{STRINGS.addAnAbrasive}</ActionButton>
          )}
          {mayEdit ? file.buttons : <a href="/api/stones.csv">{STRINGS.exportCsv}</a>}
        </Row>
        {file.preview}
        {adding && <StoneForm stone={null} rack={stones} onClose={() => setAdding(false)} />}
        {used.length === 0 ? (
          <>
            <Notice>{STRINGS.theRackIsEmptyAPlan}</Notice>
            {mayEdit && <StarterRacks />}
          </>
        ) : (
          <Panel aria-label={STRINGS.theRackByGrain}>
            <RackShelf
              stones={used}
              label={STRINGS.theRackByGrainUsed(
                used
                  .slice(0, 40)
                  .map(({ name, um }) => STRINGS.nameUm(name, um))
                  .join(', '),
              )}
            />
            <MutedText>{STRINGS.toOneScaleFromTheSide}</MutedText>
          </Panel>
        )}
        {stones.length > 0 && (
          <Panel aria-label={STRINGS.theRackInRows}>
            <RackList stones={stones} nowMs={nowMs} />
          </Panel>
        )}
      </Stack>
    </>
  );
};

export default RackPage;
