export { useDragOn } from './drag';
export { useLevelHandle } from './level';
export { useMinuteHandle } from './minutes';
export { useSlider, widthAround } from './slider';
