/** Food safety, judged in one place. Knows plain histories, courses and words, and no model of heat. */
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
export { centreRuleOf, classesOf, isPerishable, type CentreRule, type FoodClass } from './classes';
export type { Course, CourseFill, CourseFood, CourseStep } from './course';
export {
  HAZARD_KEYS,
  mayOffer,
  worseThan,
  type Danger,
  type DangerLevel,
  type HazardKey,
} from './danger';
export { isLost, isPastDay } from './discard';
export {
  DANGER_CHANCE,
  dangersOfFilling,
  dangersOfLines,
  FALLEN_MIN,
  frothyAmong,
  HAZARDS,
  HEATS,
  isShort,
  judgeCourse,
  SAFE_CHANCE,
  timesInTen,
  type Filling,
} from './hazards';
export {
  coldDays,
  cooledSpans,
  followedBy,
  judgeHistory,
  worstOf,
  type History,
  type Span,
  type Stood,
} from './history';
export {
  COLD_C,
  COLD_WITHIN_MIN,
  COOL_C,
  COOL_WITHIN_MIN,
  FREEZER_MONTHS,
  FRIDGE_DAYS,
  HALF_FULL,
  HOT_C,
  LECTIN_C,
  LECTIN_MIN,
  REHEAT_C,
  SAFE_CENTRE_C,
} from './limits';
export { RULES, ruleWords, type RuleKey } from './rules';
export { canningIn, plantIn, type Worded } from './words';
