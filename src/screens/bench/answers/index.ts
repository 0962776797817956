export { Answers, First } from './Answers';
