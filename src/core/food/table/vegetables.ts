/**
 * Vegetables, leaves and mushrooms.
 *
 * Compositions per 100 g and piece weights: USDA FoodData Central, from memory. Juice given back
 * (cooked < 1): common practice.
 */
import { rows } from './row';

const veg = rows('vegetable', { cooked: 0.92, packing: 0.62 });
const leaf = rows('leaf', { cooked: 0.75, packing: 0.12 });

export const VEGETABLES = [
  veg('potato', 'potato', [79.3, 2, 0.1, 15.4, 2.1, 1.1], {
    aliases: ['potatoes', 'waxy potato', 'floury potato'],
    pieceG: 170,
    cupG: 150,
    shape: ['sphere', 60],
    cooked: 1,
    foaming: 2,
    scorch: 1,
  }),
  veg('sweet-potato', 'sweet potato', [77.3, 1.6, 0.1, 17.1, 3, 1], {
    aliases: ['sweet potatoes', 'kumara'],
    pieceG: 130,
    cupG: 133,
    shape: ['sphere', 55],
    cooked: 1,
  }),
  veg('carrot', 'carrot', [88.3, 0.9, 0.2, 6.8, 2.8, 1], {
    aliases: ['carrots'],
    pieceG: 61,
    cupG: 128,
    shape: ['cylinder', 25],
  }),
  veg('parsnip', 'parsnip', [79.5, 1.2, 0.3, 13.1, 4.9, 1], {
    aliases: ['parsnips'],
    pieceG: 130,
    cupG: 133,
    shape: ['cylinder', 35],
  }),
  veg('turnip', 'turnip', [91.9, 0.9, 0.1, 4.6, 1.8, 0.7], {
    aliases: ['swede', 'rutabaga', 'white turnip'],
    pieceG: 122,
    cupG: 130,
    shape: ['sphere', 60],
  }),
  veg('celeriac', 'celeriac', [88, 1.5, 0.3, 7.4, 1.8, 1], {
    aliases: ['celery root'],
    pieceG: 500,
    cupG: 156,
    shape: ['sphere', 100],
  }),
  veg('leek', 'leek', [83, 1.5, 0.3, 12.4, 1.8, 1], {
    aliases: ['leeks'],
    pieceG: 89,
    cupG: 89,
    shape: ['cylinder', 28],
    packing: 0.45,
    cooked: 0.85,
  }),
  veg('celery', 'celery', [95.4, 0.7, 0.2, 1.4, 1.6, 0.7], {
    aliases: ['celery stalk', 'celery stick', 'celery rib'],
    pieceG: 40,
    cupG: 101,
    shape: ['slab', 10],
    cooked: 0.88,
  }),
  veg('onion', 'onion', [89.1, 1.1, 0.1, 7.6, 1.7, 0.4], {
    aliases: ['onions', 'yellow onion', 'red onion', 'brown onion', 'shallot', 'white onion'],
    pieceG: 110,
    cupG: 160,
    shape: ['sphere', 65],
    cooked: 0.75,
  }),
  veg('garlic', 'garlic', [58.6, 6.4, 0.5, 31, 2.1, 1.5], {
    aliases: ['garlic clove', 'clove of garlic', 'cloves garlic', 'garlic cloves'],
    pieceG: 3,
    cupG: 136,
    shape: ['slab', 8],
  }),
  veg('fennel', 'fennel', [90.2, 1.2, 0.2, 4.2, 3.1, 1.1], {
    aliases: ['fennel bulb'],
    pieceG: 234,
    cupG: 87,
    shape: ['sphere', 70],
    cooked: 0.85,
  }),
  veg('bell-pepper', 'sweet pepper', [92.2, 1, 0.3, 3.9, 2.1, 0.5], {
    aliases: ['bell pepper', 'red pepper', 'green pepper', 'sweet peppers', 'capsicum'],
    pieceG: 119,
    cupG: 149,
    shape: ['slab', 6],
    packing: 0.5,
    cooked: 0.82,
  }),
  veg('courgette', 'courgette', [94.8, 1.2, 0.3, 2.1, 1, 0.6], {
    aliases: ['zucchini', 'courgettes'],
    pieceG: 196,
    cupG: 124,
    shape: ['cylinder', 45],
    cooked: 0.8,
  }),
  veg('butternut-squash', 'butternut squash', [86.4, 1, 0.1, 9.7, 2, 0.8], {
    aliases: ['squash', 'butternut', 'pumpkin'],
    pieceG: 900,
    cupG: 140,
    shape: ['sphere', 100],
  }),
  veg('cabbage', 'cabbage', [92.2, 1.3, 0.1, 3.3, 2.5, 0.6], {
    aliases: ['white cabbage', 'green cabbage', 'savoy cabbage'],
    pieceG: 900,
    cupG: 89,
    shape: ['slab', 30],
    packing: 0.4,
    cooked: 0.85,
  }),
  veg('green-beans', 'green beans', [90.3, 1.8, 0.2, 4.3, 2.7, 0.7], {
    aliases: ['green bean', 'french bean', 'string bean'],
    pieceG: 6,
    cupG: 100,
    shape: ['cylinder', 8],
    packing: 0.5,
  }),
  veg('peas', 'green peas', [78.9, 5.4, 0.4, 8.8, 5.7, 0.9], {
    aliases: ['green pea', 'frozen peas', 'garden pea', 'pea'],
    cupG: 145,
    shape: ['sphere', 8],
  }),
  veg('sweetcorn', 'sweetcorn', [76, 3.3, 1.4, 16.7, 2, 0.6], {
    aliases: ['corn', 'corn kernel', 'sweet corn'],
    pieceG: 90,
    cupG: 145,
    can: { netG: 340, drainedG: 285 },
    shape: ['sphere', 8],
  }),
  veg('tomato', 'tomato', [94.5, 0.9, 0.2, 2.7, 1.2, 0.5], {
    aliases: ['tomatoes', 'plum tomato', 'roma tomato', 'fresh tomato'],
    pieceG: 62,
    cupG: 180,
    shape: ['sphere', 45],
    cooked: 0.5,
    foaming: 1,
    scorch: 1,
  }),
  veg('mushrooms', 'mushrooms', [92.5, 3.1, 0.3, 2.3, 1, 0.8], {
    aliases: ['mushroom', 'button mushroom', 'chestnut mushroom'],
    pieceG: 18,
    cupG: 70,
    shape: ['slab', 10],
    packing: 0.4,
    cooked: 0.6,
  }),
  veg('fresh-chili', 'fresh chili', [88, 1.9, 0.4, 7.3, 1.5, 0.9], {
    aliases: ['chili pepper', 'jalapeno', 'green chili', 'red chili', 'chilli'],
    pieceG: 14,
    shape: ['slab', 3],
  }),
  veg('ginger', 'ginger', [78.9, 1.8, 0.8, 15.8, 2, 0.8], {
    aliases: ['fresh ginger', 'ginger root'],
    pieceG: 30,
    cupG: 96,
    shape: ['slab', 5],
  }),
  leaf('spinach', 'spinach', [91.4, 2.9, 0.4, 1.4, 2.2, 1.7], {
    aliases: ['baby spinach', 'tender greens', 'spinach leaf', 'chard'],
    cupG: 30,
    shape: ['slab', 0.6],
  }),
  leaf('cavolo-nero', 'cavolo nero', [89.6, 2.9, 1.5, 0.3, 4.1, 1.5], {
    aliases: ['kale', 'black kale', 'collard', 'curly kale', 'lacinato kale'],
    pieceG: 20,
    cupG: 40,
    shape: ['slab', 1],
  }),
  leaf('parsley', 'parsley', [87.7, 3, 0.8, 3, 3.3, 2.2], {
    aliases: ['fresh parsley', 'flat parsley', 'coriander', 'cilantro', 'dill', 'basil'],
    pieceG: 2,
    cupG: 60,
    shape: ['slab', 0.5],
  }),
];
