export { readBundle, writeBundle } from './bundle';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
