export { gelatineAlong, mostGelatineG, setOf, type Bones, type SetState } from './extract';
