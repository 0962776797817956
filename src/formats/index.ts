export { readBundle } from './read';
export { writeBundle } from './write';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
