/**
 * Published rules behind the hazards: what each says, and who says it. Local advice and the pot's manual go before
 * them. Wording from memory of the sources named; the figures stand in `limits`.
 */
export interface Rule {
  readonly says: string;
  readonly source: string;
}

const FSIS = 'USDA FSIS, safe minimum internal temperatures';
const MANUALS = 'manuals of pressure cookers as a class';

export const RULES = {
  'danger-zone': {
    says: 'Perishable food stands no longer than 2 h between 5 and 57 °C before it is cooked; 1 h above 32 °C.',
    source: 'USDA FSIS, Danger Zone; FDA Food Code 2022, 3-501.16',
  },
  cooling: {
    says: 'Cooked food passes from 57 to 21 °C within 2 h, and to 5 °C within 6 h in all.',
    source: 'FDA Food Code 2022, 3-501.14',
  },
  'hot-holding': {
    says: 'Hot food is held at 57 °C or above; any reading below starts the count.',
    source: 'FDA Food Code 2022, 3-501.16',
  },
  toxin: {
    says: 'Once the count is over, heating again is no cure: toxins of B. cereus and S. aureus survive boiling.',
    source: 'FDA Bad Bug Book, 2nd ed.',
  },
  reheating: {
    says: 'Leftovers, broth and what is in jars reach 74 °C when they are heated again.',
    source: 'USDA FSIS, Leftovers and Food Safety; FDA Food Code 2022, 3-403.11',
  },
  poultry: { says: 'Poultry, whole, cut or minced: 74 °C at the centre.', source: FSIS },
  minced: { says: 'Minced meat and sausage: 71 °C at the centre.', source: FSIS },
  'whole-cut': { says: 'Whole cuts: 63 °C at the centre, and 3 min of rest.', source: FSIS },
  game: {
    says: 'Venison, boar and rabbit: 71 °C at the centre.',
    source: 'foodsafety.gov, safe minimum internal temperature chart',
  },
  fish: {
    says: 'Fish and shellfish: 63 °C, or until it is opaque.',
    source: 'foodsafety.gov, safe minimum internal temperature chart',
  },
  egg: {
    says: 'Egg dishes: 71 °C.',
    source: 'foodsafety.gov, safe minimum internal temperature chart',
  },
  lectin: {
    says: 'Beans of the genus Phaseolus: soaked 5 h, the water thrown away, then boiled for 30 min. Slow heat makes them worse.',
    source: 'FDA Bad Bug Book, 2nd ed., phytohaemagglutinin',
  },
  size: {
    says: 'The thickest place decides: a joint or a block is as thick as its weight makes it.',
    source: 'geometry of its weight; common practice, no source',
  },
  'never-quick': {
    says: 'What foams and froths, such as split peas, oats, barley, noodles, apple sauce, cranberries and rhubarb, is never let off at once.',
    source: MANUALS,
  },
  'fill-lines': {
    says: 'No fuller than two thirds; half with what foams or swells.',
    source: MANUALS,
  },
  fat: {
    says: 'No frying under pressure, and little fat: about 60 ml for each litre.',
    source: MANUALS,
  },
  spirits: {
    says: 'Spirits make vapour that burns: no more than a splash, away from a flame.',
    source: MANUALS,
  },
  fizzy: { says: 'Fizzy drinks foam up as they heat and may block the valve.', source: MANUALS },
  'under-the-lid': {
    says: 'Thickener, cream, cheese and noodles wait until the lid is off for good.',
    source: MANUALS,
  },
  offers: {
    says: 'Nothing that is offered makes a hazard worse than leaving things as they are.',
    source: 'rule of this kitchen, no source',
  },
  presumed: {
    says: 'A pot that showed no sign may be anywhere: no valve is opened on a guess.',
    source: MANUALS,
  },
  forgotten: {
    says: 'Food left out for hours is judged by when the heat went off and how warm it is now.',
    source: 'FDA Food Code 2022, 3-501.14; USDA FSIS, Danger Zone',
  },
  thermometer: { says: 'A thermometer goes before a clock and a model.', source: FSIS },
  days: {
    says: 'Soups and stews: 3 to 4 days in the fridge. The freezer stops the days, and gives none back.',
    source: 'foodsafety.gov, cold food storage chart; FDA Food Code 2022, 3-501.17',
  },
  canning: {
    says: 'Food for the shelf is processed by a tested recipe in a canner made for it. An electric pressure cooker is none.',
    source: 'National Center for Home Food Preservation (NCHFP)',
  },
  plants: {
    says: 'Some plants carry poison that cooking does not take away, or not surely.',
    source: 'FDA Bad Bug Book, 2nd ed.; EFSA and poison centres, from memory',
  },
  glass: {
    says: 'Hot glass cracks in the cold; jars with shoulders crack as they freeze; no tight lid on what steams.',
    source: 'NCHFP, Freezing: containers and headspace',
  },
} as const satisfies Record<string, Rule>;

export type RuleKey = keyof typeof RULES;

/** Rule and source in one sentence, as calls show it behind "why". */
export function ruleWords(key: RuleKey): string {
  const { says, source } = RULES[key];
  const first =
    source === MANUALS
      ? 'Your pot’s own manual always wins.'
      : 'Ask your food-safety authority where its rule differs.';
  return `${says.replace(/\.$/, '')} (${source}). ${first}`;
}
