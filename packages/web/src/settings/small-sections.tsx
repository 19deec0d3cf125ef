/** Sections that are one sheet: made of what stands beside this file. */
import { useSession } from '../api/session';
import { useAppearance } from '../theme/appearance';
import { MutedText, Panel, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { useMay } from '../api/may';
import { AccountSheet } from './account-sheet';
import { BenchSheet } from './bench-sheet';
import { OwnFaultsSheet } from './own-faults';
import { TestsSheet } from './tests-sheet';
import { STRINGS } from './strings';

export const AccountSection = () => {
  const { data: session } = useSession();
  return session?.staff ? <AccountSheet staff={session.staff} /> : null;
};

export const BenchSection = () => <BenchSheet />;

export const TestsSection = () => (
  <Stack $gap={16}>
    <TestsSheet />
    <OwnFaultsSheet />
  </Stack>
);

const APPEARANCES = [
  { id: 'light', label: STRINGS.lightForTheCounter },
  { id: 'dark', label: STRINGS.darkForTheBench },
] as const;

export const AppearanceSection = () => {
  const [appearance, setAppearance] = useAppearance();
  return (
    <Panel aria-label={STRINGS.appearance}>
      <Stack>
        <PageHeading title={STRINGS.appearance} />
        <SegmentedControl
          label={STRINGS.onThisDevice}
          options={APPEARANCES}
          value={appearance}
          onChange={setAppearance}
        />
      </Stack>
    </Panel>
  );
};

const EXPORTS = [
  { file: 'customers.csv', text: STRINGS.customers },
  { file: 'jobs.csv', text: STRINGS.jobs },
  { file: 'history.csv', text: STRINGS.history },
  { file: 'stones.csv', text: STRINGS.stones },
] as const;

export const BackupSection = () => {
  const mayExport = useMay('export records');
  return (
    <Panel aria-label={STRINGS.backupAndExport}>
      <Stack>
        <PageHeading title={STRINGS.backupAndExport} />
        <p>
          {STRINGS.onTheMachineTheShopRuns} <code>{STRINGS.patientEdgeBackup}</code>{' '}
          {STRINGS.writesEverythingIntoOneFile} <code>{STRINGS.patientEdgeRestore}</code>{' '}
          {STRINGS.bringsItBackKeepACopy}
        </p>
        <h2>{STRINGS.export}</h2>
        {mayExport ? (
          <>
            <MutedText>{STRINGS.asCsvWithAHeadingThat}</MutedText>
            <ul>
              {EXPORTS.map(({ file, text }) => (
                <li key={file}>
                  <a href={`/api/${file}`}>{STRINGS.csv(text)}</a>
                </li>
              ))}
            </ul>
          </>
        ) : (
          <MutedText>{STRINGS.theOwnerAndTheCounterCan}</MutedText>
        )}
        <div>
          <QuietLink to="/history">{STRINGS.whoDidWhatWhen}</QuietLink>
        </div>
      </Stack>
    </Panel>
  );
};
