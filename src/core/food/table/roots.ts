/**
 * Roots and tubers.
 *
 * Compositions per 100 g and piece weights: USDA FoodData Central, from memory. Juice given back
 * (cooked < 1): common practice.
 */
import { rows } from './row';

const root = rows('vegetable', { cooked: 0.92, packing: 0.62 });

export const ROOTS = [
  root('potato', 'potato', [79.3, 2, 0.1, 15.4, 2.1, 1.1], {
    kept: 'shelf',
    aliases: ['potatoes', 'waxy potato', 'floury potato'],
    pieceG: 170,
    cupG: 150,
    shape: ['sphere', 60],
    cooked: 1,
    foaming: 1,
    scorch: 1,
  }),
  root('sweet-potato', 'sweet potato', [77.3, 1.6, 0.1, 17.1, 3, 1], {
    kept: 'shelf',
    aliases: ['sweet potatoes', 'kumara'],
    pieceG: 130,
    cupG: 133,
    shape: ['sphere', 55],
    cooked: 1,
  }),
  root('carrot', 'carrot', [88.3, 0.9, 0.2, 6.8, 2.8, 1], {
    aliases: ['carrots'],
    pieceG: 61,
    cupG: 128,
    shape: ['cylinder', 25],
  }),
  root('parsnip', 'parsnip', [79.5, 1.2, 0.3, 13.1, 4.9, 1], {
    aliases: ['parsnips'],
    pieceG: 130,
    cupG: 133,
    shape: ['cylinder', 35],
  }),
  root('turnip', 'turnip', [91.9, 0.9, 0.1, 4.6, 1.8, 0.7], {
    aliases: ['white turnip', 'turnips'],
    pieceG: 122,
    cupG: 130,
    shape: ['sphere', 60],
  }),
  root('celeriac', 'celeriac', [88, 1.5, 0.3, 7.4, 1.8, 1], {
    aliases: ['celery root'],
    pieceG: 500,
    cupG: 156,
    shape: ['sphere', 100],
  }),
  root('garlic', 'garlic', [58.6, 6.4, 0.5, 31, 2.1, 1.5], {
    kept: 'shelf',
    family: 'aromatic',
    aliases: ['garlic clove', 'clove of garlic', 'cloves garlic', 'garlic cloves'],
    pieceG: 3,
    cupG: 136,
    shape: ['slab', 8],
  }),
  root('ginger', 'ginger', [78.9, 1.8, 0.8, 15.8, 2, 0.8], {
    kept: 'shelf',
    family: 'aromatic',
    aliases: ['fresh ginger', 'ginger root'],
    pieceG: 30,
    cupG: 96,
    shape: ['slab', 5],
  }),
  root('swede', 'swede', [89.4, 1.1, 0.2, 6.3, 2.3, 0.7], {
    kept: 'shelf',
    aliases: ['rutabaga', 'yellow turnip', 'neeps'],
    pieceG: 700,
    cupG: 140,
    shape: ['sphere', 100],
  }),
  root('beetroot', 'beetroot', [87.6, 1.6, 0.2, 6.8, 2.8, 1.1], {
    aliases: ['beet', 'beets', 'red beet'],
    pieceG: 110,
    cupG: 136,
    shape: ['sphere', 55],
  }),
  root('kohlrabi', 'kohlrabi', [91, 1.7, 0.1, 2.6, 3.6, 1], {
    aliases: ['kohl rabi', 'turnip cabbage'],
    pieceG: 250,
    cupG: 135,
    shape: ['sphere', 75],
  }),
  root('jerusalem-artichoke', 'Jerusalem artichoke', [78, 2, 0, 15.8, 1.6, 2.5], {
    aliases: ['sunchoke', 'topinambur', 'jerusalem artichokes'],
    pieceG: 60,
    cupG: 150,
    shape: ['cylinder', 35],
  }),
  root('daikon', 'white radish', [94.6, 0.6, 0.1, 2.5, 1.6, 0.6], {
    aliases: ['daikon', 'mooli', 'white radishes'],
    pieceG: 340,
    cupG: 116,
    shape: ['cylinder', 50],
  }),
  root('parsley-root', 'parsley root', [83, 2.3, 0.6, 8, 4.2, 1.5], {
    aliases: ['hamburg parsley', 'root parsley'],
    pieceG: 90,
    cupG: 130,
    shape: ['cylinder', 28],
  }),
  root('cassava', 'cassava', [59.7, 1.4, 0.3, 36.3, 1.8, 0.6], {
    kept: 'shelf',
    aliases: ['yuca', 'manioc', 'tapioca root'],
    pieceG: 400,
    cupG: 206,
    shape: ['cylinder', 50],
    cooked: 1.05,
    foaming: 2,
  }),
  root('yam', 'yam or taro', [69.6, 1.5, 0.2, 23.8, 4.1, 0.8], {
    kept: 'shelf',
    aliases: ['yams', 'yam root'],
    pieceG: 500,
    cupG: 150,
    shape: ['sphere', 80],
    cooked: 1.03,
    foaming: 2,
  }),
  root('plantain', 'green plantain', [70, 1.2, 0.2, 26, 2, 0.9], {
    kept: 'shelf',
    aliases: ['plantain', 'green banana', 'plantains'],
    pieceG: 180,
    cupG: 148,
    shape: ['cylinder', 40],
    cooked: 1.03,
  }),
];
