/** What is asked of the shop's figures. */
import Joi from 'joi';
import { FIGURE_GROUPS, FIGURE_TABLES, type FigureGroup, type FigureTable } from './figures-wire';
import { isoDate, type Checked } from './schema-parts';
import { STRINGS } from './field-strings';

export interface FigureQuery {
  readonly fromDay: string | null;
  readonly toDay: string | null;
  readonly by: FigureGroup;
  /** Which table, where one is taken along as CSV. */
  readonly table: FigureTable;
}
export const figureSchema = Joi.object<Checked<FigureQuery>, true>({
  fromDay: isoDate(STRINGS.from).allow(null).default(null),
  toDay: isoDate(STRINGS.to).allow(null).default(null),
  by: Joi.string()
    .valid(...FIGURE_GROUPS)
    .default('week')
    .label(STRINGS.by),
  table: Joi.string()
    .valid(...FIGURE_TABLES)
    .default('lines')
    .label(STRINGS.table),
}).label(STRINGS.figures);
