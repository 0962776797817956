/** Tables of the documentation, made from what the core and its checks hold. */
import { cupGrams, donenessOf, type Food, type FoodGroup, FOODS, normalise } from '../src/core';
import { holds, type Check } from '../src/core/testing/checks';
import { TERMS, type Term, type TermId } from '../src/words';
import { MEANINGS } from '../src/words/meanings';

const GROUPS: Readonly<Record<FoodGroup, string>> = {
  poultry: 'Poultry',
  meat: 'Meat',
  fish: 'Fish',
  bones: 'Bones',
  pulse: 'Pulses',
  grain: 'Grains',
  pasta: 'Pasta and noodles',
  vegetable: 'Vegetables',
  leaf: 'Leaves',
  liquid: 'Liquids',
  dairy: 'Dairy and egg',
  fat: 'Fats',
  seasoning: 'Seasonings',
};

export function round(value: number, digits = 3): string {
  return Number(value.toPrecision(digits)).toString();
}

function row(cells: readonly string[]): string {
  return `| ${cells.join(' | ')} |`;
}

export function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  return [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');
}

function measures(food: Food): string {
  return [
    food.pieceG === undefined ? '' : `piece ${round(food.pieceG)}`,
    `cup ${round(cupGrams(food))}`,
    food.can ? `can ${food.can.drainedG} of ${food.can.netG}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function need(food: Food): string {
  const d = donenessOf(food);
  if (!d)
    return food.extract
      ? `${food.extract.gelatineGPerKg} g/kg, ${food.extract.perHour}/h, ${food.extract.runs} run${food.extract.runs > 1 ? 's' : ''}`
      : '';
  return `${round(d.needMin)}${d.lateMin === null ? '' : `, late ${round(d.lateMin)}`}, z ${d.z.toFixed(0)}, ${d.mark}`;
}

function foodRow(food: Food): readonly string[] {
  const x = normalise(food.composition);
  return [
    `${food.name} (\`${food.key}\`)`,
    [x.water, x.protein, x.fat, x.carbohydrate, x.fibre, x.ash]
      .map((share) => (100 * share).toFixed(0))
      .join(' '),
    measures(food),
    food.shape ? `${food.shape.kind} ${round(food.shape.mm)}` : 'joins the liquid',
    food.shape ? round(food.packing, 2) : '',
    round(food.cooked, 2),
    String(food.foaming),
    String(food.scorch),
    food.saltPercent > 0 ? round(food.saltPercent, 2) : '',
    need(food),
    food.safety ?? '',
    food.like === undefined ? food.source : `cooks as ${food.like} (${food.source})`,
  ];
}

/** docs/foods.md */
export function foodsPage(): string {
  const head = [
    'food (key)',
    'water protein fat carbohydrate fibre ash, %',
    'measures, g',
    'piece, mm',
    'packing',
    'cooked / raw',
    'foams',
    'scorches',
    'salt, %',
    'need and late, min at 100 °C; bones: gelatine',
    'safety',
    'source',
  ];
  const parts = (Object.keys(GROUPS) as FoodGroup[]).map((group) => {
    const rows = FOODS.filter((f) => f.group === group).map(foodRow);
    return `## ${GROUPS[group]}\n\n${table(head, rows)}`;
  });
  return `# The foods

${FOODS.length} foods, made from the table in \`src/core/food\` by \`npm run docs\`; do not edit by hand. What each
column means, and where the marks come from, stands in [models.md](models.md). Packing is the
solid share of a heap; foaming and scorching go from 0 to 3; a food’s middle is done at its
need, and an even piece is late (soft, creamy, in shreds) at the second figure.

${parts.join('\n\n')}
`;
}

function shown(value: number, unit: string): string {
  const digits = Math.abs(value) >= 1000 ? 6 : 4;
  return `${round(value, digits)}${unit && ` ${unit}`}`;
}

function difference({ wanted, ours, unit }: Check): string {
  if (typeof wanted !== 'number')
    return ours >= wanted[0] && ours <= wanted[1]
      ? 'inside'
      : shown(ours < wanted[0] ? ours - wanted[0] : ours - wanted[1], unit);
  const gap = ours - wanted;
  if (Math.abs(gap) < 1e-4 * Math.max(1, Math.abs(wanted))) return '0';
  return `${gap > 0 ? '+' : '−'}${shown(Math.abs(gap), unit).replace('-', '')}`;
}

function checkRow(check: Check): readonly string[] {
  const { wanted, unit } = check;
  return [
    check.what,
    `${check.source} (${check.mark})`,
    typeof wanted === 'number'
      ? shown(wanted, unit)
      : `${round(wanted[0])} to ${shown(wanted[1], unit)}`,
    shown(check.ours, unit),
    `${difference(check)}${check.because ? `: ${check.because}` : ''}`,
  ];
}

/** The table of external checks. @throws Error when one of them does not hold */
export function checksTable(groups: readonly (readonly [string, readonly Check[]])[]): string {
  const all = groups.flatMap(([, checks]) => checks);
  const missed = all.filter((check) => !holds(check));
  if (missed.length > 0) throw new Error(`does not hold: ${missed.map((c) => c.what).join('; ')}`);
  const head = ['check', 'source (mark)', 'theirs', 'ours', 'difference'];
  const parts = groups.map(
    ([name, checks]) => `### ${name}\n\n${table(head, checks.map(checkRow))}`,
  );
  return `${all.length} checks, made by \`npm run docs\` from the same numbers that \`npm test\` holds them to.\n\n${parts.join('\n\n')}`;
}

const START = '<!-- checks: made by npm run docs -->';
const END = '<!-- end of checks -->';

/** A page with the table of checks put between its markers. */
export function withChecks(page: string, checks: string): string {
  const from = page.indexOf(START);
  const to = page.indexOf(END);
  if (from < 0 || to < from) throw new Error('the page has no place for the checks');
  return `${page.slice(0, from + START.length)}\n\n${checks}\n\n${page.slice(to)}`;
}

/**
 * The readme with its counts as they are.
 *
 * @throws Error where the sentence that holds them is gone
 */
export function withCounts(page: string, checks: number): string {
  const sentence = /with \d+ checks against numbers from outside; the \d+ foods in/;
  if (!sentence.test(page)) throw new Error('the readme has no place for the counts');
  return page.replace(
    sentence,
    `with ${checks} checks against numbers from outside; the ${FOODS.length} foods in`,
  );
}

/** docs/words.md: every term with its name before, in both Englishes, and what it means. */
export function wordsPage(): string {
  const all: readonly (Term & { readonly id: TermId })[] = (Object.keys(TERMS) as TermId[]).map(
    (id) => ({ id, ...TERMS[id] }),
  );
  const rows = all.map(({ id, us, uk, before }) => [
    (before ?? []).join('; '),
    us,
    uk ?? us,
    MEANINGS[id],
  ]);
  return `# Words

One name for one thing. The interface takes its terms from \`src/words\`; \`npm run docs\` makes this
page from them, and a test holds every text of the interface to it: no banned word, no term with two
names, no name without an explanation. A term that is dotted explains itself when it is touched.

${table(['before', 'US', 'UK', 'what it means'], rows)}
`;
}
