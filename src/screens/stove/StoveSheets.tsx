/** The sheets of the stove; loaded when one is asked for. */
export { MarksSheet } from './MarksSheet';
export { MoreMarks } from './MoreMarks';
export { TrySheet } from './TrySheet';
export { UntickedSheet } from './UntickedSheet';
export { OwnMore } from './propose/OwnMore';
