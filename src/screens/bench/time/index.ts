export { PlanPane } from './PlanPane';
