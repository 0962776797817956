export { SHELF_PX } from './geometry';
export { JarDrawing } from './JarDrawing';
