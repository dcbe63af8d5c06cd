// Fetched when a workshop is taken over: few visits need it.
export { adoptMetals, adoptWorkshop, withMetals } from '@keen-sinew/core';
