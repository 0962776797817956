/**
 * Meat, poultry, fish and what gives gelatine, as other kitchens put them into such pots. Weights of
 * pieces and what each is like: common practice, no source; salt of cured meats: USDA FoodData Central,
 * orders of size, from memory.
 */
import type { AlikeRow } from './alike';

const feet = { source: 'assumed' } as const;

export const ALIKE_MEAT: readonly AlikeRow[] = [
  [
    'whole-turkey',
    'whole turkey',
    'whole-chicken',
    { aliases: ['turkey, whole', 'whole turkey bird'], pieceG: 5000, mm: 97 },
  ],
  [
    'whole-duck',
    'whole duck or goose',
    'whole-chicken',
    { aliases: ['whole duck', 'whole goose', 'duckling'], pieceG: 2200, mm: 74 },
  ],
  [
    'poussin',
    'poussin',
    'whole-chicken',
    { aliases: ['spring chicken', 'cornish hen', 'game hen', 'poussin'], pieceG: 450, mm: 44 },
  ],
  [
    'stewing-hen',
    'stewing hen',
    'whole-chicken',
    {
      aliases: [
        'boiling fowl',
        'old hen',
        'soup hen',
        'stewing hen',
        'boiling hen',
        'soup chicken',
      ],
      pieceG: 1800,
      mm: 69,
    },
  ],
  [
    'chicken-necks',
    'chicken necks',
    'turkey-neck',
    {
      aliases: ['chicken neck', 'chicken backs and necks', 'duck neck', 'duck necks'],
      pieceG: 40,
      mm: 22,
    },
  ],
  [
    'smoked-turkey-leg',
    'smoked turkey leg',
    'smoked-turkey-wing',
    {
      aliases: ['smoked turkey drumstick', 'smoked turkey neck', 'smoked turkey legs'],
      pieceG: 600,
      mm: 60,
    },
  ],
  [
    'smoked-chicken',
    'smoked or roast chicken meat',
    'cooked-ham',
    {
      aliases: ['smoked chicken', 'rotisserie chicken', 'cooked chicken', 'leftover chicken'],
      safety: 'poultry',
      saltPercent: 0.8,
    },
  ],
  [
    'goulash-meat',
    'goulash meat',
    'beef-stewing',
    { aliases: ['goulash beef', 'gulyas meat', 'beef for goulash', 'ragout beef'] },
  ],
  [
    'hamburger-meat',
    'hamburger meat',
    'minced-beef',
    { aliases: ['hamburger', 'burger meat', 'minced chuck', 'ground chuck'] },
  ],
  [
    'shin-on-the-bone',
    'shin on the bone',
    'beef-shank',
    {
      aliases: [
        'beef shin on the bone',
        'shin of beef on the bone',
        'bone-in shin',
        'bone-in beef shank',
        'foreshank',
        'gravy beef',
      ],
    },
  ],
  [
    'veal-shank',
    'veal shank slices',
    'beef-shank',
    { aliases: ['veal shank', 'osso buco', 'ossobuco', 'veal shin'], pieceG: 300, mm: 40 },
  ],
  [
    'lamb-leg',
    'leg of lamb',
    'lamb-shoulder',
    { aliases: ['lamb leg', 'gigot', 'lamb leg steak', 'diced leg of lamb'], cooked: 0.68 },
  ],
  [
    'lamb-chops',
    'lamb chops',
    'lamb-neck',
    {
      aliases: ['lamb chop', 'lamb loin chop', 'mutton chop', 'lamb cutlet'],
      pieceG: 110,
      mm: 25,
      kind: 'slab',
    },
  ],
  [
    'mutton',
    'mutton',
    'goat',
    { aliases: ['mutton', 'diced mutton', 'hogget', 'mutton leg', 'mutton shoulder'] },
  ],
  [
    'goat-on-the-bone',
    'goat on the bone',
    'goat',
    {
      aliases: [
        'curry goat',
        'goat meat on the bone',
        'goat pieces',
        'bone-in goat',
        'goat neck',
        'bone-in mutton',
      ],
      family: 'bone',
      cooked: 0.8,
    },
  ],
  [
    'beef-flank',
    'beef flank or skirt',
    'beef-brisket',
    { aliases: ['beef flank', 'flank steak', 'skirt steak', 'bavette', 'beef plate'], mm: 25 },
  ],
  [
    'beef-round',
    'silverside or topside',
    'beef-brisket',
    {
      aliases: [
        'silverside',
        'topside',
        'bottom round',
        'eye of round',
        'rump roast',
        'round steak',
        'pot roast',
      ],
    },
  ],
  [
    'beef-neck',
    'beef neck on the bone',
    'beef-shank',
    { aliases: ['beef neck', 'beef neck bones', 'neck bones, meaty'], pieceG: 250, mm: 45 },
  ],
  [
    'bison',
    'bison or elk',
    'venison-stewing',
    { aliases: ['bison', 'buffalo', 'elk', 'moose', 'reindeer', 'bison stew meat', 'ostrich'] },
  ],
  [
    'pork-cheek',
    'pork cheeks',
    'beef-cheek',
    { aliases: ['pig cheek', 'pork cheek', 'pig cheeks'], pieceG: 90, mm: 30 },
  ],
  [
    'pork-tail',
    'pig’s tail',
    'pork-trotter',
    {
      aliases: ['pig tail', 'pork tail', 'pigs tail', 'salted pig tail'],
      pieceG: 150,
      mm: 35,
      ...feet,
    },
  ],
  [
    'pork-ear',
    'pig’s ear',
    'pork-trotter',
    { aliases: ['pig ear', 'pork ear', 'pigs ear'], pieceG: 200, mm: 10, kind: 'slab', ...feet },
  ],
  [
    'pork-skin',
    'pork skin',
    'pork-trotter',
    {
      aliases: ['pig skin', 'pork rind', 'pigskin'],
      pieceG: 100,
      mm: 8,
      kind: 'slab',
      ...feet,
      extract: { gelatineGPerKg: 150, perHour: 0.5, runs: 1 },
    },
  ],
  [
    'beef-foot',
    'beef foot',
    'calf-foot',
    {
      aliases: ['beef feet', 'cow foot', 'cow feet', 'cow heel', 'cow heels', 'ox foot'],
      pieceG: 1500,
      mm: 75,
      ...feet,
    },
  ],
  [
    'sheep-trotter',
    'lamb or goat feet',
    'pork-trotter',
    {
      aliases: ['sheep trotter', 'lamb feet', 'goat feet', 'paya', 'lamb trotter'],
      pieceG: 180,
      mm: 35,
      ...feet,
    },
  ],
  [
    'pig-head',
    'pig’s head',
    'pork-trotter',
    {
      aliases: ['pork head', 'half pig head', 'pig head', 'snout', 'pig snout'],
      pieceG: 2500,
      mm: 120,
      ...feet,
    },
  ],
  [
    'chitterlings',
    'chitterlings',
    'tripe',
    {
      aliases: [
        'chitlins',
        'intestines',
        'pork intestines',
        'lamb tripe',
        'pork stomach',
        'pork maw',
      ],
    },
  ],
  [
    'kidney',
    'kidneys',
    'heart',
    {
      aliases: ['beef kidney', 'ox kidney', 'lamb kidney', 'veal kidney', 'pork kidney'],
      pieceG: 250,
      mm: 30,
    },
  ],
  [
    'liver',
    'liver',
    'poultry-livers',
    {
      aliases: ['beef liver', 'calf liver', 'lamb liver', 'pork liver', 'ox liver'],
      safety: 'whole-cut',
      pieceG: 120,
    },
  ],
  [
    'sweetbreads',
    'sweetbreads',
    'poultry-livers',
    {
      aliases: ['sweetbread', 'veal sweetbreads', 'lamb sweetbreads', 'brains'],
      safety: 'whole-cut',
      pieceG: 150,
      mm: 25,
    },
  ],
  [
    'cured-ham',
    'dry-cured ham',
    'smoked-bacon',
    {
      aliases: [
        'prosciutto',
        'serrano ham',
        'speck',
        'country ham',
        'cured ham',
        'guanciale',
        'smoked jowl',
        'pork jowl',
      ],
      saltPercent: 4.5,
    },
  ],
  [
    'smoked-pork-ribs',
    'smoked or salted pork ribs',
    'pork-ribs',
    {
      aliases: ['smoked ribs', 'salted pork ribs', 'smoked spare ribs', 'smoked pork neck'],
      saltPercent: 2.5,
    },
  ],
  [
    'dried-beef',
    'dried salted beef',
    'corned-beef',
    {
      aliases: ['carne seca', 'jerked beef', 'charque', 'biltong', 'dried beef'],
      pieceG: 200,
      mm: 30,
      saltPercent: 5,
    },
  ],
  [
    'cured-sausage',
    'cured sausage',
    'smoked-sausage',
    {
      aliases: [
        'linguica',
        'paio',
        'chourico',
        'calabresa',
        'debreziner',
        'landjäger',
        'csabai',
        'lap cheong',
        'chinese sausage',
      ],
      saltPercent: 3,
    },
  ],
  [
    'kasseler',
    'smoked pork loin',
    'cooked-ham',
    {
      aliases: [
        'smoked pork',
        'smoked pork loin',
        'smoked pork chop',
        'kasseler',
        'smoked pork shoulder',
      ],
      saltPercent: 2,
    },
  ],
  [
    'octopus',
    'octopus',
    'squid',
    { aliases: ['octopus', 'octopus tentacles', 'conch', 'whelk'], pieceG: 1000, mm: 30 },
  ],
  [
    'tilapia',
    'tilapia, catfish or snapper',
    'white-fish',
    {
      aliases: [
        'tilapia',
        'catfish',
        'snapper',
        'red snapper',
        'sea bass',
        'bream',
        'halibut',
        'sole',
        'grouper',
      ],
    },
  ],
  [
    'whole-fish',
    'whole fish',
    'white-fish',
    {
      aliases: ['whole sea bream', 'whole trout', 'whole snapper', 'whole mackerel'],
      pieceG: 450,
      mm: 40,
    },
  ],
  [
    'canned-tuna',
    'canned tuna or sardines',
    'crab-meat',
    {
      aliases: [
        'canned tuna',
        'tinned tuna',
        'canned sardines',
        'tinned sardines',
        'canned salmon',
        'anchovies',
        'anchovy fillet',
      ],
    },
  ],
  [
    'salt-cod',
    'salt cod',
    'white-fish',
    {
      aliases: ['salt cod', 'bacalao', 'bacalhau', 'saltfish', 'salted cod'],
      saltPercent: 2,
      mm: 25,
    },
  ],
  [
    'stockfish',
    'stockfish',
    'squid',
    {
      aliases: ['stockfish', 'dried fish', 'smoked dried fish', 'dried catfish'],
      saltPercent: 0.8,
    },
  ],
  [
    'whole-crab',
    'whole crab',
    'mussels',
    {
      aliases: [
        'whole crab',
        'blue crab',
        'crab claws',
        'crab legs',
        'lobster tails',
        'whole crayfish',
      ],
      pieceG: 300,
    },
  ],
];
