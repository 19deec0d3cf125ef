/** A table of the figures as a file of its own. */
import type { FigureTable } from '@patient-edge/contract';
import { STRINGS } from './strings';

export const CsvLink = ({ query, table }: { query: string; table: FigureTable }) => (
  <a href={`/api/figures.csv?${query}&table=${table}`}>{STRINGS.asCsv}</a>
);
