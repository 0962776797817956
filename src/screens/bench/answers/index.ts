export { Answers } from './Answers';
