/** Dishes to begin from: one file a dish, with its recipe in our own words. */
import type { BatchKind } from '../core/batch/schema';
import turkeyOrzo from './turkey-orzo.json';
import minestrone from './minestrone.json';
import splitPea from './split-pea.json';
import redLentil from './red-lentil.json';
import dal from './dal.json';
import blackBean from './black-bean.json';
import chickpeaChard from './chickpea-chard.json';
import tomatoWhiteBean from './tomato-white-bean.json';
import lambBarley from './lamb-barley.json';
import mushroomBarley from './mushroom-barley.json';
import leekOat from './leek-oat.json';
import potatoLeek from './potato-leek.json';
import pumpkin from './pumpkin.json';
import caldoVerde from './caldo-verde.json';
import fishChowder from './fish-chowder.json';
import cornChowder from './corn-chowder.json';
import borscht from './borscht.json';
import goulash from './goulash.json';
import harira from './harira.json';
import feijoada from './feijoada.json';
import pozole from './pozole.json';
import congee from './congee.json';
import laksa from './laksa.json';
import goatCurry from './goat-curry.json';
import oxCheek from './ox-cheek.json';
import rabbitMustard from './rabbit-mustard.json';
import venisonChili from './venison-chili.json';
import quickChili from './quick-chili.json';
import turkeyStock from './turkey-stock.json';
import vegetableStock from './vegetable-stock.json';
import fishFumet from './fish-fumet.json';
import vealStock from './veal-stock.json';
import duckBroth from './duck-broth.json';
import porkTomato from './pork-tomato.json';
import tripe from './tripe.json';
import trotterBroth from './trotter-broth.json';
import venisonBroth from './venison-broth.json';

export interface Dish {
  readonly id: string;
  readonly name: string;
  readonly kind: BatchKind;
  /** The point of the dish, in a sentence. */
  readonly why: string;
  /** Its recipe, line by line, as a cook would write it. */
  readonly recipe: readonly string[];
}

/** All dishes, in the order in which they are offered. */
export const DISHES = [
  turkeyOrzo,
  minestrone,
  splitPea,
  redLentil,
  dal,
  blackBean,
  chickpeaChard,
  tomatoWhiteBean,
  lambBarley,
  mushroomBarley,
  leekOat,
  potatoLeek,
  pumpkin,
  caldoVerde,
  fishChowder,
  cornChowder,
  borscht,
  goulash,
  harira,
  feijoada,
  pozole,
  congee,
  laksa,
  goatCurry,
  oxCheek,
  rabbitMustard,
  venisonChili,
  quickChili,
  turkeyStock,
  vegetableStock,
  fishFumet,
  vealStock,
  duckBroth,
  porkTomato,
  tripe,
  trotterBroth,
  venisonBroth,
] as readonly Dish[];
