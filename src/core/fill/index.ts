export { contents, partOf, type Contents, type Part } from './contents';
export { foamingClass, linesOf, type Lines } from './lines';
export { levels, scaleToLine, splitIn, waterToLine, type Levels } from './levels';
