export { levelY, potDepthCm, wellFrame, type WellFrame } from './geometry';
export { POT_SECTION_WIDTH, PotSection } from './PotSection';
export { Well } from './Well';
