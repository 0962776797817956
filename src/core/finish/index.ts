export { reductionMinutes } from './reduce';
export { SALTY_PERCENT, saltPercent, saltToAdd, SOUP_SALT_PERCENT, waterToDilute } from './salt';
export { drinks, drinksOn } from './standing';
export { slurryFor, type Slurry, type Thickness } from './thicken';
