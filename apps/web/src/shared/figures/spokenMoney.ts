import { figure } from './figures.js';
import { shopUnits } from './shopUnits.js';

/** Money as the shop writes it: "$ 12.50"; the figure alone where it says no currency. */
export function spokenMoney(amount: number, decimals = 2): string {
  const { currency } = shopUnits();
  const words = figure(amount, decimals);
  return currency === '' ? words : `${currency} ${words}`;
}
