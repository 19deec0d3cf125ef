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
import { WORDS } from './words';

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
  { id: 'light', label: WORDS.lightForTheCounter },
  { id: 'dark', label: WORDS.darkForTheBench },
] as const;

export const AppearanceSection = () => {
  const [appearance, setAppearance] = useAppearance();
  return (
    <Panel aria-label={WORDS.appearance}>
      <Stack>
        <PageHeading title={WORDS.appearance} />
        <SegmentedControl
          label={WORDS.onThisDevice}
          options={APPEARANCES}
          value={appearance}
          onChange={setAppearance}
        />
      </Stack>
    </Panel>
  );
};

const EXPORTS = [
  { file: 'customers.csv', text: WORDS.customers },
  { file: 'jobs.csv', text: WORDS.jobs },
  { file: 'history.csv', text: WORDS.history },
  { file: 'stones.csv', text: WORDS.stones },
] as const;

export const BackupSection = () => {
  const mayExport = useMay('export records');
  return (
    <Panel aria-label={WORDS.backupAndExport}>
      <Stack>
        <PageHeading title={WORDS.backupAndExport} />
        <p>
          {WORDS.onTheMachineTheShopRuns} <code>{WORDS.patientEdgeBackup}</code>{' '}
          {WORDS.writesEverythingIntoOneFile} <code>{WORDS.patientEdgeRestore}</code>{' '}
          {WORDS.bringsItBackKeepACopy}
        </p>
        <h2>{WORDS.export}</h2>
        {mayExport ? (
          <>
            <MutedText>{WORDS.asCsvWithAHeadingThat}</MutedText>
            <ul>
              {EXPORTS.map(({ file, text }) => (
                <li key={file}>
                  <a href={`/api/${file}`}>{WORDS.csv(text)}</a>
                </li>
              ))}
            </ul>
          </>
        ) : (
          <MutedText>{WORDS.theOwnerAndTheCounterCan}</MutedText>
        )}
        <div>
          <QuietLink to="/history">{WORDS.whoDidWhatWhen}</QuietLink>
        </div>
      </Stack>
    </Panel>
  );
};
