export { finishMoves, type FinishKey, type FinishMove, type Picked } from './moves';
export { nextWord, thickenings, type Thickened } from './thicken';
export { accountOf, type Account } from './account';
export { isThick, lotsOf, type CookLot } from './lots';
export { tastingOf, TOUCH_G, type Tasting } from './taste';
