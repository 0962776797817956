export {
  findingsOf,
  PlanContext,
  useOpenedPlan,
  useOverTheClock,
  usePlan,
  usePlanActions,
  useSession,
  type PlanActions,
} from './plan';
export { lastBatch, rememberBatch } from './lastBatch';
export type { Chosen } from './onStove';
