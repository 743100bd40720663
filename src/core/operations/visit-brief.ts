import { z } from 'zod';
import { idSchema } from '../base/fields';
import { visitBriefFields } from '../record/visit';
import { operation } from './operation';
import { statedOf } from './stated';

const { decides, budget, painter, builtYear, visitedOn } = visitBriefFields;
const fields = {
  decides: decides.unwrap().optional(),
  budget: budget.unwrap().optional(),
  painter: painter.unwrap().optional(),
  builtYear: builtYear.unwrap().optional(),
  visitedOn: visitedOn.unwrap().optional(),
};

/** Says what is agreed for the whole home; what is left out stays as it is. */
export const visitBrief = operation(
  z.strictObject({ name: z.literal('visit.brief'), visitId: idSchema, ...fields }),
  (visit, { name: _, visitId: __, ...said }) => ({ ...visit, ...statedOf(said) }),
);
