export { PlanPage } from './PlanPage';
export { PlansPage } from './choosing/PlansPage';
