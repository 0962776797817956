export { throughDoor } from './doors';
export { Lanes } from './Lanes';
