/**
 * Bones for stock and broth, as bought.
 *
 * Compositions are of bone, cartilage and the meat left on: assumed. Extraction (gelatine in g per
 * kg as bought, its rate at 100 C per hour, runs they stand, minutes at 100 C until they crumble:
 * poultry in about 90 min at high, common practice): assumed, to be learned from the log. Chicken feet
 * give 60 to 140 g (from memory). Feet are eaten as well: they have grades of their own.
 */
import { rows } from './row';

const bones = rows('bones', { cooked: 0.95, packing: 0.5, fishOut: true, foaming: 1 });

export const BONES = [
  bones('turkey-frame', 'turkey frame', [58, 17.5, 11.5, 0, 0, 13], {
    extract: { gelatineGPerKg: 25, perHour: 0.35, runs: 1, crumbleMin: 300 },
    aliases: ['turkey carcass', 'turkey bones', 'turkey frames'],
    pieceG: 1400,
    shape: ['slab', 25],
    packing: 0.3,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('chicken-frame', 'chicken frame', [62, 17, 11, 0, 0, 10], {
    extract: { gelatineGPerKg: 25, perHour: 0.35, runs: 1, crumbleMin: 300 },
    aliases: ['chicken carcass', 'chicken bones', 'chicken back'],
    pieceG: 450,
    shape: ['slab', 20],
    packing: 0.35,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('chicken-feet', 'chicken feet', [66, 19.4, 14, 0, 0, 3], {
    family: 'gelatinous',
    fishOut: false,
    extract: { gelatineGPerKg: 100, perHour: 0.35, runs: 1, crumbleMin: 360 },
    aliases: ['chicken foot', 'feet'],
    pieceG: 35,
    shape: ['cylinder', 18],
    packing: 0.5,
    safety: 'poultry',
  }),
  bones('veal-knuckle', 'veal knuckle', [55, 19, 8, 0, 0, 18], {
    extract: { gelatineGPerKg: 55, perHour: 0.25, runs: 2 },
    aliases: ['veal bones', 'knuckle of veal', 'knuckle bone'],
    pieceG: 600,
    shape: ['sphere', 70],
    source: 'assumed',
  }),
  bones('venison-bones', 'venison bones', [50, 20, 6, 0, 0, 24], {
    extract: { gelatineGPerKg: 35, perHour: 0.18, runs: 2 },
    aliases: ['venison bone', 'venison neck bones', 'deer bones', 'venison neck'],
    pieceG: 400,
    shape: ['cylinder', 45],
    source: 'assumed',
  }),
  bones('beef-marrow-bone', 'beef marrow bone', [30, 15, 28, 0, 0, 27], {
    extract: { gelatineGPerKg: 15, perHour: 0.12, runs: 3 },
    aliases: ['marrow bone', 'beef bones', 'soup bone'],
    pieceG: 350,
    shape: ['cylinder', 55],
    source: 'assumed',
  }),
  bones('beef-knuckle', 'beef knuckle', [50, 19, 10, 0, 0, 21], {
    extract: { gelatineGPerKg: 45, perHour: 0.12, runs: 3 },
    aliases: ['beef knuckle bone'],
    pieceG: 900,
    shape: ['sphere', 90],
    source: 'assumed',
  }),
  bones('pork-trotter', 'pork trotter', [58, 21, 12, 0, 0, 9], {
    family: 'gelatinous',
    fishOut: false,
    extract: { gelatineGPerKg: 85, perHour: 0.3, runs: 2 },
    aliases: ['trotter', "pig's foot", 'pig foot', 'pigs foot'],
    pieceG: 450,
    shape: ['cylinder', 55],
    source: 'assumed',
  }),
  bones('fish-frame', 'fish frames', [72, 16, 4, 0, 0, 8], {
    extract: { gelatineGPerKg: 15, perHour: 2, runs: 1, crumbleMin: 75 },
    aliases: ['fish bones', 'fish frame', 'fish carcass', 'fish head', 'salmon head', 'cod head'],
    pieceG: 350,
    shape: ['slab', 12],
    packing: 0.4,
    source: 'assumed',
  }),
  bones('chicken-wings', 'chicken wings', [63, 18, 14, 0, 0, 5], {
    extract: { gelatineGPerKg: 45, perHour: 0.35, runs: 1, crumbleMin: 330 },
    aliases: ['chicken wing', 'wing tips'],
    pieceG: 90,
    shape: ['cylinder', 28],
    safety: 'poultry',
  }),
  bones('turkey-neck', 'turkey neck', [65, 18, 7, 0, 0, 10], {
    extract: { gelatineGPerKg: 40, perHour: 0.35, runs: 1, crumbleMin: 360 },
    aliases: ['turkey necks', 'poultry neck', 'giblets'],
    pieceG: 250,
    shape: ['cylinder', 40],
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('duck-frame', 'duck frame', [50, 15, 24, 0, 0, 11], {
    extract: { gelatineGPerKg: 25, perHour: 0.35, runs: 1, crumbleMin: 300 },
    aliases: ['duck carcass', 'goose carcass', 'goose frame', 'duck bones'],
    pieceG: 600,
    shape: ['slab', 20],
    packing: 0.33,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('game-bird-frame', 'game bird frames', [60, 19, 7, 0, 0, 14], {
    extract: { gelatineGPerKg: 22, perHour: 0.35, runs: 1, crumbleMin: 280 },
    aliases: [
      'game bird carcass',
      'pheasant carcass',
      'pheasant frame',
      'partridge carcass',
      'guinea fowl carcass',
    ],
    pieceG: 350,
    shape: ['slab', 18],
    packing: 0.35,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('lamb-bones', 'lamb bones', [48, 18, 14, 0, 0, 20], {
    extract: { gelatineGPerKg: 35, perHour: 0.18, runs: 2 },
    aliases: ['lamb bone', 'lamb neck bones', 'mutton bones'],
    pieceG: 250,
    shape: ['cylinder', 40],
    source: 'assumed',
  }),
  bones('pork-bones', 'pork bones', [47, 17, 16, 0, 0, 20], {
    extract: { gelatineGPerKg: 40, perHour: 0.22, runs: 2 },
    aliases: ['pork neck bones', 'pork bone', 'rib bones'],
    pieceG: 250,
    shape: ['cylinder', 40],
    source: 'assumed',
  }),
  bones('ham-bone', 'ham bone, smoked', [45, 19, 14, 0, 0, 22], {
    extract: { gelatineGPerKg: 30, perHour: 0.2, runs: 1 },
    aliases: ['ham bone', 'gammon bone', 'smoked ham bone'],
    pieceG: 500,
    shape: ['cylinder', 55],
    saltPercent: 1.8,
    source: 'assumed',
  }),
  bones('calf-foot', 'calf’s foot', [58, 23, 10, 0, 0, 9], {
    family: 'gelatinous',
    fishOut: false,
    extract: { gelatineGPerKg: 90, perHour: 0.25, runs: 2 },
    aliases: ["calf's foot", 'calf foot', 'calves feet'],
    pieceG: 900,
    shape: ['cylinder', 60],
    source: 'assumed',
  }),
  bones('prawn-shells', 'prawn shells', [72, 17, 2, 0, 4, 5], {
    extract: { gelatineGPerKg: 4, perHour: 2, runs: 1 },
    aliases: [
      'shrimp shells',
      'prawn heads',
      'lobster shells',
      'crab shells',
      'shrimp head',
      'prawn head',
    ],
    cupG: 60,
    shape: ['slab', 2],
    packing: 0.25,
    source: 'assumed',
  }),
];
