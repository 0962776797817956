/**
 * Poultry, meat, fish and bones.
 *
 * Compositions per 100 g: USDA FoodData Central, from memory. Bone-in rows are of meat and bone
 * together, bone taken as 35 % water, 20 % protein, 15 % fat, 30 % ash (assumed). Juice given
 * back (cooked < 1): common practice, cooking yields of 70 to 80 %. Packing of heaps: assumed.
 */
import { rows } from './row';

const poultry = rows('poultry', { safety: 'poultry', cooked: 0.75, packing: 0.65, foaming: 1 });
const meat = rows('meat', { safety: 'whole-cut', cooked: 0.75, packing: 0.65, foaming: 1 });
const fish = rows('fish', { safety: 'whole-cut', cooked: 0.82, packing: 0.65 });
const bones = rows('bones', { cooked: 0.95, packing: 0.5, fishOut: true, foaming: 1 });

export const MEAT = [
  poultry('chicken-breast', 'chicken breast', [74.8, 22.5, 2.6, 0, 0, 1.1], {
    aliases: ['boneless chicken breast', 'chicken breast fillet', 'chicken'],
    pieceG: 175,
    cupG: 140,
    shape: ['slab', 30],
  }),
  poultry('chicken-thigh', 'chicken thigh, boneless', [75.9, 19.7, 4.1, 0, 0, 1], {
    aliases: ['chicken thigh', 'boneless chicken thigh'],
    pieceG: 110,
    cupG: 140,
    shape: ['slab', 20],
  }),
  poultry('chicken-leg', 'chicken leg, bone in', [65, 18.5, 12, 0, 0, 4.5], {
    aliases: [
      'chicken leg',
      'chicken drumstick',
      'drumstick',
      'bone-in chicken thigh',
      'whole chicken leg',
    ],
    pieceG: 180,
    shape: ['cylinder', 50],
    packing: 0.58,
  }),
  poultry('turkey-wing', 'turkey wing', [61, 19.5, 12.5, 0, 0, 7], {
    aliases: ['turkey wings'],
    pieceG: 350,
    shape: ['cylinder', 45],
    packing: 0.5,
    cooked: 0.85,
  }),
  poultry('smoked-turkey-wing', 'smoked turkey wing', [57, 21, 12.5, 0, 0, 9.5], {
    aliases: ['smoked turkey', 'smoked wing'],
    pieceG: 330,
    shape: ['cylinder', 45],
    packing: 0.5,
    cooked: 0.88,
    saltPercent: 2,
  }),
  meat('beef-stewing', 'stewing beef', [71, 21, 7, 0, 0, 1], {
    aliases: ['beef', 'beef chuck', 'beef stew meat', 'braising beef', 'stew beef'],
    cupG: 150,
    shape: ['sphere', 40],
    cooked: 0.68,
  }),
  meat('beef-shank', 'beef shank', [64, 21, 8, 0, 0, 7], {
    aliases: ['beef shin', 'shin of beef', 'beef neck', 'shank', 'osso buco'],
    pieceG: 450,
    shape: ['slab', 50],
    cooked: 0.75,
  }),
  meat('lamb-neck', 'lamb neck', [59, 17.5, 17, 0, 0, 6.5], {
    aliases: ['neck of lamb', 'lamb neck piece', 'scrag end', 'mutton neck'],
    pieceG: 90,
    shape: ['sphere', 46],
    packing: 0.58,
    cooked: 0.78,
  }),
  meat('lamb-shoulder', 'lamb shoulder, diced', [67, 19, 13, 0, 0, 1], {
    aliases: ['lamb shoulder', 'lamb', 'stewing lamb', 'diced lamb'],
    cupG: 150,
    shape: ['sphere', 40],
    cooked: 0.7,
  }),
  meat('venison-stewing', 'stewing venison', [73.5, 22.5, 2.8, 0, 0, 1.2], {
    aliases: ['venison', 'diced venison', 'venison shoulder', 'venison stew meat'],
    cupG: 150,
    shape: ['sphere', 35],
    cooked: 0.68,
  }),
  meat('pork-shoulder', 'pork shoulder', [68, 18.5, 12.5, 0, 0, 1], {
    aliases: ['pork', 'pork butt', 'diced pork', 'pork neck'],
    cupG: 150,
    shape: ['sphere', 46],
    cooked: 0.7,
  }),
  meat('pork-ribs', 'pork ribs', [54, 15.5, 21.5, 0, 0, 9], {
    aliases: ['spare rib', 'pork rib', 'rib', 'ribs', 'baby back ribs'],
    pieceG: 90,
    shape: ['slab', 28],
    packing: 0.45,
    cooked: 0.8,
  }),
  meat('ham-hock', 'smoked ham hock', [57, 19, 15, 0, 0, 9], {
    aliases: ['ham hock', 'hock', 'smoked hock', 'ham bone'],
    pieceG: 700,
    shape: ['cylinder', 80],
    cooked: 0.85,
    saltPercent: 2.2,
  }),
  meat('smoked-bacon', 'smoked bacon', [50, 14, 33, 0, 0, 3], {
    aliases: ['bacon', 'streaky bacon', 'pancetta', 'lardon'],
    pieceG: 28,
    cupG: 150,
    shape: ['slab', 6],
    cooked: 0.7,
    saltPercent: 2.3,
  }),
  meat('sausage', 'fresh sausage', [57, 15, 25, 1, 0, 2], {
    aliases: ['pork sausage', 'banger', 'sausages'],
    pieceG: 80,
    shape: ['cylinder', 28],
    safety: 'minced',
    cooked: 0.8,
    saltPercent: 1.5,
  }),
  meat('minced-beef', 'minced meat', [66, 19, 14, 0, 0, 1], {
    aliases: [
      'minced beef',
      'ground beef',
      'mince',
      'minced lamb',
      'ground venison',
      'minced venison',
      'ground meat',
      'ground turkey',
    ],
    cupG: 225,
    shape: ['sphere', 8],
    safety: 'minced',
    cooked: 0.72,
    packing: 0.7,
  }),
  fish('white-fish', 'white fish fillet', [80, 18, 0.8, 0, 0, 1.2], {
    aliases: ['fish', 'fish fillet', 'white fish', 'fillet of fish'],
    pieceG: 150,
    shape: ['slab', 22],
  }),
  bones('turkey-frame', 'turkey frame', [58, 17.5, 11.5, 0, 0, 13], {
    aliases: ['turkey carcass', 'turkey bones', 'turkey frames'],
    pieceG: 1400,
    shape: ['slab', 25],
    packing: 0.3,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('chicken-frame', 'chicken frame', [62, 17, 11, 0, 0, 10], {
    aliases: ['chicken carcass', 'chicken bones', 'chicken back'],
    pieceG: 450,
    shape: ['slab', 20],
    packing: 0.35,
    safety: 'poultry',
    source: 'assumed',
  }),
  bones('chicken-feet', 'chicken feet', [66, 19.4, 14, 0, 0, 3], {
    aliases: ['chicken foot', 'feet'],
    pieceG: 35,
    shape: ['cylinder', 18],
    packing: 0.5,
    safety: 'poultry',
  }),
  bones('veal-knuckle', 'veal knuckle', [55, 19, 8, 0, 0, 18], {
    aliases: ['veal bones', 'knuckle of veal', 'knuckle bone'],
    pieceG: 600,
    shape: ['sphere', 70],
    source: 'assumed',
  }),
  bones('venison-bones', 'venison bones', [50, 20, 6, 0, 0, 24], {
    aliases: ['venison bone', 'venison neck bones', 'deer bones', 'venison neck'],
    pieceG: 400,
    shape: ['cylinder', 45],
    source: 'assumed',
  }),
  bones('beef-marrow-bone', 'beef marrow bone', [30, 15, 28, 0, 0, 27], {
    aliases: ['marrow bone', 'beef bones', 'soup bone'],
    pieceG: 350,
    shape: ['cylinder', 55],
    source: 'assumed',
  }),
  bones('beef-knuckle', 'beef knuckle', [50, 19, 10, 0, 0, 21], {
    aliases: ['beef knuckle bone'],
    pieceG: 900,
    shape: ['sphere', 90],
    source: 'assumed',
  }),
  bones('pork-trotter', 'pork trotter', [58, 21, 12, 0, 0, 9], {
    aliases: ['trotter', "pig's foot", 'pig foot', 'pigs foot'],
    pieceG: 450,
    shape: ['cylinder', 55],
    source: 'assumed',
  }),
  bones('fish-frame', 'fish frames', [72, 16, 4, 0, 0, 8], {
    aliases: ['fish bones', 'fish frame', 'fish carcass', 'fish head'],
    pieceG: 350,
    shape: ['slab', 12],
    packing: 0.4,
    source: 'assumed',
  }),
];
