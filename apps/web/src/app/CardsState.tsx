import { cardState } from '@lone-heron/contract';
import { useCardsQuery } from '../shared/api/cardsApi.js';

/** How many cards are signed and how many are on their way. */
export default function CardsState() {
  const { data } = useCardsQuery(undefined);
  if (data === undefined) return '';
  const states = data.map(cardState);
  const signed = states.filter((state) => state === 'signed').length;
  const open = states.filter((state) => state === 'draft' || state === 'proven').length;
  return `${signed} signed, ${open} open`;
}
