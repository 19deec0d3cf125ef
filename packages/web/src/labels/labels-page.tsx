/** The tray of the label printer: every tag and ticket that came out, to look at and to print on paper. */
import type { PrintedLabel } from '@patient-edge/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useLabels } from '../api/hooks';
import { moment } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { PdfView } from './pdf-view';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const Layout = styled.div`
  display: grid;
  grid-template-columns: 320px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Tray = styled.ol`
  display: grid;
  max-height: 66vh;
  overflow: auto;
  & button {
    width: 100%;
    justify-content: flex-start;
    text-align: left;
    border-width: 1px;
  }
`;

const LabelsPage = () => {
  const { data: sheets, error } = useLabels();
  const [chosen, setChosen] = useState<string | null>(null);
  if (!sheets) return <Waiting error={error} text={STRINGS.loadingTheTray} />;
  const shown = sheets.find(({ name }) => name === chosen) ?? sheets[0];
  return (
    <Stack $gap={16}>
      <PageHeading title={STRINGS.labelPrinter} />
      {shown ? (
        <Layout>
          <Panel aria-label={STRINGS.inTheTray}>
            <Stack $gap={8}>
              <h2>{STRINGS.inTheTray}</h2>
              <Tray>
                {sheets.map((sheet) => (
                  <li key={sheet.name}>
                    <QuietButton
                      aria-current={sheet.name === shown.name}
                      onPress={() => setChosen(sheet.name)}
                    >
                      {nameOf(sheet)}
                      <MutedText as="small">{moment(sheet.at)}</MutedText>
                    </QuietButton>
                  </li>
                ))}
              </Tray>
            </Stack>
          </Panel>
          <Panel aria-label={nameOf(shown)}>
            <Stack>
              <Row $gap={18}>
                <h2>{nameOf(shown)}</h2>
                <a href={`/api/labels/${shown.name}`} target="_blank" rel="noreferrer">
                  {STRINGS.openThePdf}
                </a>
                <Link to={`/jobs/${shown.jobId}`}>{STRINGS.itsBlade}</Link>
              </Row>
              <PdfView
                key={`${shown.name} ${shown.at}`}
                src={`/api/labels/${shown.name}`}
                label={nameOf(shown)}
              />
            </Stack>
          </Panel>
        </Layout>
      ) : (
        <MutedText>{STRINGS.theTrayIsEmptyTagsAnd}</MutedText>
      )}
    </Stack>
  );
};

const nameOf = ({ what, tagNumber }: PrintedLabel): string =>
  what === 'tag' ? STRINGS.tag(tagNumber) : STRINGS.ticketOfTag(tagNumber);

export default LabelsPage;
