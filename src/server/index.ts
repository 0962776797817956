/** Handlers of the server. Nothing of a household is kept here, and what its devices tell each other cannot be read. */
export { POST as assess } from './assess';
export { health } from './health';
export { POST as page } from './page';
export { POST as read } from './read';
export { hear, say } from './relay';
