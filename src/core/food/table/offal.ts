/**
 * Game, offal, cured and minced meat, and shellfish out of the shell.
 *
 * Compositions per 100 g and piece weights: USDA FoodData Central, from memory. Juice given back
 * (cooked < 1): common practice, cooking yields of 70 to 85 %.
 */
import { rows } from './row';

const poultry = rows('poultry', { safety: 'poultry', cooked: 0.75, packing: 0.65, foaming: 1 });
const meat = rows('meat', { safety: 'whole-cut', cooked: 0.75, packing: 0.65, foaming: 1 });
const fish = rows('fish', { safety: 'fish', cooked: 0.82, packing: 0.65 });

export const OFFAL = [
  poultry('duck-breast', 'duck breast', [70, 19, 9.5, 0, 0, 1.2], {
    family: 'lean',
    aliases: ['duck breast fillet', 'duck breasts'],
    pieceG: 200,
    cupG: 140,
    shape: ['slab', 25],
  }),
  poultry('game-bird', 'game bird, whole', [66, 20, 7, 0, 0, 5], {
    family: 'bone',
    aliases: ['pheasant', 'guinea fowl', 'partridge', 'quail', 'pigeon', 'grouse', 'game bird'],
    extract: { gelatineGPerKg: 30, perHour: 0.35, runs: 1, crumbleMin: 330 },
    picked: { food: 'game-bird-frame', share: 0.33 },
    pieceG: 800,
    shape: ['sphere', 90],
    packing: 0.5,
  }),
  poultry('poultry-livers', 'poultry livers', [76.5, 16.9, 4.8, 0.7, 0, 1.1], {
    family: 'lean',
    aliases: ['chicken liver', 'chicken livers', 'duck liver', 'turkey liver'],
    pieceG: 40,
    cupG: 225,
    shape: ['slab', 15],
  }),
  poultry('gizzards', 'poultry gizzards and hearts', [77.5, 18, 2.5, 0, 0, 0.9], {
    aliases: ['gizzard', 'chicken heart', 'chicken gizzard', 'turkey gizzard', 'gizzards'],
    pieceG: 30,
    cupG: 145,
    shape: ['sphere', 25],
  }),
  meat('minced-pork', 'minced pork or lamb', [61, 17.2, 20.5, 0, 0, 0.9], {
    family: 'minced',
    aliases: [
      'minced pork',
      'ground pork',
      'pork mince',
      'ground lamb',
      'lamb mince',
      'ground veal',
      'minced veal',
    ],
    cupG: 225,
    shape: ['sphere', 8],
    safety: 'minced',
    packing: 0.7,
  }),
  meat('pork-hock', 'pork hock, fresh', [62, 18, 15, 0, 0, 4.5], {
    family: 'gelatinous',
    aliases: ['fresh pork hock', 'fresh ham hock', 'pork knuckle', 'pork shank', 'unsmoked hock'],
    extract: { gelatineGPerKg: 60, perHour: 0.3, runs: 1 },
    pieceG: 700,
    shape: ['cylinder', 80],
    packing: 0.55,
  }),
  meat('salt-pork', 'salt pork', [15, 5, 77, 0, 0, 3.2], {
    family: 'tough',
    aliases: ['fatback', 'salted pork belly', 'streaky salt pork'],
    pieceG: 50,
    cupG: 160,
    shape: ['slab', 20],
    saltPercent: 3.6,
    cooked: 0.8,
  }),
  meat('corned-beef', 'corned beef brisket, raw', [67, 14.7, 15, 0.1, 0, 3], {
    aliases: ['corned beef', 'corned beef brisket', 'salt beef', 'salted brisket', 'pastrami'],
    shape: ['slab', 60],
    pieceG: 1200,
    saltPercent: 2.5,
  }),
  meat('lamb-breast', 'lamb breast', [57, 16, 23, 0, 0, 4], {
    family: 'bone',
    aliases: ['breast of lamb', 'lamb riblets', 'lamb ribs', 'lamb flank'],
    extract: { gelatineGPerKg: 40, perHour: 0.3, runs: 1 },
    pieceG: 600,
    shape: ['slab', 35],
    packing: 0.55,
  }),
  meat('beef-tendon', 'beef tendon', [63, 34, 1, 0, 0, 0.6], {
    aliases: ['tendon', 'beef tendons'],
    extract: { gelatineGPerKg: 180, perHour: 0.25, runs: 2 },
    pieceG: 150,
    shape: ['slab', 25],
    cooked: 0.85,
  }),
  meat('tripe', 'tripe, dressed', [84, 12.1, 3.7, 0, 0, 0.6], {
    aliases: ['honeycomb tripe', 'beef tripe', 'menudo'],
    extract: { gelatineGPerKg: 40, perHour: 0.3, runs: 1 },
    cupG: 150,
    shape: ['slab', 8],
    cooked: 0.7,
  }),
  meat('tongue', 'tongue, raw', [65, 15, 16, 3.7, 0, 0.8], {
    aliases: ['ox tongue', 'beef tongue', 'veal tongue', 'pork tongue', 'lamb tongue'],
    pieceG: 1200,
    shape: ['cylinder', 90],
    cooked: 0.78,
  }),
  meat('heart', 'heart, raw', [77, 17.7, 3.9, 0.1, 0, 1.1], {
    aliases: ['beef heart', 'ox heart', 'lamb heart', 'pork heart', 'venison heart'],
    pieceG: 1000,
    shape: ['slab', 35],
    cooked: 0.72,
  }),
  meat('blood-sausage', 'blood sausage', [47, 14.6, 34.5, 1.3, 0, 2.4], {
    family: 'ready',
    aliases: ['black pudding', 'morcilla', 'blood pudding', 'haggis', 'boudin noir'],
    pieceG: 100,
    shape: ['cylinder', 35],
    cooked: 0.95,
    saltPercent: 1.7,
  }),
  fish('scallops', 'scallops, shelled', [81, 12.1, 0.5, 3.2, 0, 1.6], {
    family: 'shellfish',
    aliases: ['scallop', 'queen scallops', 'shelled mussels', 'clam meat', 'shelled clams'],
    pieceG: 25,
    cupG: 230,
    shape: ['slab', 20],
    saltPercent: 1,
  }),
  fish('oysters', 'oysters, shelled', [85, 7, 2.5, 4, 0, 1.5], {
    family: 'shellfish',
    aliases: ['oyster', 'oysters', 'shucked oysters'],
    pieceG: 15,
    cupG: 248,
    shape: ['slab', 12],
    saltPercent: 0.5,
  }),
  fish('crab-meat', 'crab meat, cooked', [79, 18, 0.9, 0, 0, 2], {
    family: 'ready',
    aliases: ['crab', 'crabmeat', 'lobster meat', 'cooked crab', 'crayfish tails', 'cooked prawns'],
    cupG: 135,
    shape: ['sphere', 10],
    saltPercent: 0.8,
  }),
  fish('eel', 'eel', [68, 18.4, 11.7, 0, 0, 1.4], {
    aliases: ['monkfish', 'eel', 'dogfish'],
    pieceG: 150,
    shape: ['cylinder', 40],
  }),
  fish('fish-balls', 'fish balls or cake', [74, 11, 2.5, 10, 0, 2.4], {
    family: 'ready',
    aliases: ['fish ball', 'fish cake', 'surimi', 'fishcake', 'crab sticks'],
    pieceG: 12,
    cupG: 140,
    shape: ['sphere', 25],
    cooked: 1,
    saltPercent: 1.5,
  }),
];
