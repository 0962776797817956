/**
 * Dangers that are words: a wish to can, and plants that nobody cooks. Knows no food and no plan, so that the
 * reader of lines may ask it.
 */

/** Something said that is refused, or asked about. */
export interface Worded {
  readonly hazard: 'canning' | 'plants';
  readonly level: 'never' | 'warn';
  readonly title: string;
  /** Reason, and what to do instead. */
  readonly message: string;
}

const CANNING: Worded = {
  hazard: 'canning',
  level: 'never',
  title: 'Retort does not plan canning',
  message:
    'Soup, broth and beans that stand out of the cold can grow botulism, which nobody sees or smells. Keep them in the fridge or the freezer. To can them, use a tested recipe and a canner made for it: the National Center for Home Food Preservation (nchfp.uga.edu), or your food-safety authority, has both.',
};

/** Vessels for home canning; a bought can does not count. */
const JARS = String.raw`(?:jars?|bottles?|quarts?|pints?|lids?)`;

/** Sentences that ask for canning, whatever else they say. */
const CANS: readonly RegExp[] = [
  /\bpressure[- ]?cann?(?:s|ed|er|ers|ing)?\b(?! (?:of|tomato))/i,
  /\b(?:home|oven|steam|raw|hot|water[- ]?bath)[- ]cann(?:ed|ing|er)\b/i,
  /\bcanner\b/i,
  /\bcanning\b/i,
  /\bto can (?:it|them|the)\b/i,
  /\b(?:boiling[- ]|hot[- ])?water[- ]bath\b(?=.*\bjars?\b)|\bjars?\b.*\bwater[- ]bath\b/i,
  new RegExp(String.raw`\bprocess(?:ed|ing)?\b.{0,30}\b${JARS}\b`, 'i'),
  new RegExp(
    String.raw`\b${JARS}\b.{0,40}\bprocess(?:ed|ing)?\b(?=.*\b(?:min|hour|psi|lb|pound))`,
    'i',
  ),
  new RegExp(
    String.raw`\b${JARS}\b.{0,80}\bupside[- ]down\b|\binvert(?:ed)?\b.{0,30}\b${JARS}\b`,
    'i',
  ),
  /\bshelf[- ]stable\b/i,
  new RegExp(
    String.raw`\b(?:${JARS}|seal(?:ed)?|sterili[sz]ed)\b.{0,80}\b(?:pantry|cellar|cupboard|larder shelf|on the shelf|room temperature)\b`,
    'i',
  ),
  new RegExp(
    String.raw`\bseal(?:ed|s|ing)?\b.{0,20}\b(?:${JARS})\b.{0,40}\b(?:year|months|canner)\b`,
    'i',
  ),
];

interface Plant {
  readonly name: RegExp;
  readonly level: Worded['level'];
  readonly title: string;
  readonly message: string;
}

const never = (name: RegExp, title: string, message: string): Plant => ({
  name,
  level: 'never',
  title,
  message,
});

const SOLANINE =
  'They hold solanine, which heat does not take away. Use potatoes that are firm and not green, and cut off every green place and sprout.';
const CYANIDE = 'They set cyanide free, and cooking in a closed pot keeps it in. Leave them out.';

const PLANTS: readonly Plant[] = [
  never(
    /\bbitter (?:cassava|manioc|yuca)\b/i,
    'Bitter cassava is not cooked here',
    'It sets cyanide free unless it is grated, soaked for days and pressed. Use sweet cassava from a shop, peeled and boiled in an open pot, the water thrown away.',
  ),
  {
    name: /\b(?:cassava|manioc|yuca)\b/i,
    level: 'warn',
    title: 'Which cassava is it?',
    message:
      'Bitter cassava sets cyanide free. Use sweet cassava alone: peel it, boil it in an open pot and throw the water away. If nobody knows which it is, leave it out.',
  },
  never(/\b(?:green|greened|sprouted|sprouting) potato(?:es)?\b/i, 'No green potatoes', SOLANINE),
  never(
    /\b(?:potato|tomato|aubergine|eggplant) (?:leaf|leaves|vines?|shoots?)\b/i,
    'No leaves of the nightshades',
    'They hold solanine and its kin, which heat does not take away. Sweet-potato leaves, spinach or chard do instead.',
  ),
  never(
    /\brhubarb (?:leaf|leaves|greens)\b|\bleaves of rhubarb\b/i,
    'No rhubarb leaves',
    'They hold oxalates enough to hurt the kidneys. Only the stalks are eaten.',
  ),
  never(
    /\belder(?:berry|flower)? (?:stems?|twigs?|leaf|leaves|bark|roots?)\b/i,
    'No stems or leaves of elder',
    CYANIDE,
  ),
  never(
    /\b(?:bitter almonds?|(?:apricot|peach|plum|cherry) (?:kernels?|stones?|pits?))\b/i,
    'No bitter almonds or kernels of stone fruit',
    CYANIDE,
  ),
  {
    name: /\b(?:wild|foraged|picked) (?:mushrooms?|fungi)\b/i,
    level: 'warn',
    title: 'Who named these mushrooms?',
    message:
      'Poison of some mushrooms survives cooking. Use only what somebody who knows has named; otherwise leave them out.',
  },
];
/** Sweet potatoes have other leaves. */
const SWEET = /\bsweet[- ]potato/i;

/** A wish to can in a text of one or more sentences; null if there is none. @example canningIn('Process the jars for 75 min') */
export function canningIn(text: string): Worded | null {
  return text.split(/\n|(?<=[.!?])\s+/).some((s) => CANS.some((wish) => wish.test(s)))
    ? CANNING
    : null;
}

/** A plant that is refused or asked about, by its name; null for any other. @example plantIn('rhubarb leaves')?.level // "never" */
export function plantIn(name: string): Worded | null {
  if (SWEET.test(name)) return null;
  const found = PLANTS.find((plant) => plant.name.test(name));
  return found
    ? { hazard: 'plants', level: found.level, title: found.title, message: found.message }
    : null;
}
