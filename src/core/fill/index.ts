export { contents, partOf, soakedKg, type Contents, type Part } from './contents';
export { filledUp } from './upTo';
export { foamingClass, linesOf, type Lines } from './lines';
export { levels, scaleToLine, splitIn, waterToLine, type Before, type Levels } from './levels';
