/** Food safety, judged in one place. Knows plain histories and curves, and no model of heat. */
export {
  at,
  countsFrom,
  fallsTo,
  judge,
  judgeRead,
  pastLimit,
  type Judged,
  type Reading,
} from './cooling';
export { isLost, isPastDay } from './discard';
export {
  COLD_C,
  COLD_WITHIN_MIN,
  COOL_C,
  COOL_WITHIN_MIN,
  FREEZER_MONTHS,
  FRIDGE_DAYS,
  HOT_C,
  KEEP_HOT_C,
  KIDNEY_MIN,
  REHEAT_C,
  SAFE_CENTRE_C,
} from './limits';
