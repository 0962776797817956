export { shelfPx } from './geometry';
export { JarDrawing } from './JarDrawing';
