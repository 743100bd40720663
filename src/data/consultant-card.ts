import { consultantCardSchema, NO_CARD, type ConsultantCard } from '@/core/record/consultant-card';
import type { Sql } from './sql';

/** Sets what a card says; what is left out stays as it is. */
export const setConsultantCard = (sql: Sql, said: Partial<ConsultantCard>) =>
  sql.query(
    `insert into consultant_card (card) values ($1::jsonb)
     on conflict (one) do update set card = consultant_card.card || excluded.card`,
    [JSON.stringify(said)],
  );

/** The card as it was said last; an empty one before. */
export const findConsultantCard = async (sql: Sql): Promise<ConsultantCard> => {
  const [found] = await sql.query<{ card: unknown }>(`select card from consultant_card`);
  return found ? consultantCardSchema.parse(found.card) : NO_CARD;
};
