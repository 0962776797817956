/** The written cases as docs/safety.md shows them. */
import { HAZARD_KEYS, HAZARDS, RULES } from '../../../core/guard';
import { CASES } from './cases';
import type { Case } from './types';

const WANTED: Readonly<Record<Case['wants'], string>> = {
  never: 'never',
  stop: 'stop',
  caught: 'caught',
  nothing: 'nothing',
};

const HEAD = `# Food safety: rules and written cases

Made from the tests by \`npm run docs\`; do not edit. Each case is run by \`src/formats/safety.test.ts\` against the whole
program: lines are read, plans are judged by draws, cooks by their marks, jars by their days.

The right answer stood before the code: it follows from the rule named, or from common practice. **never**: there is no way on.
**stop**: on only with a reason, which stays in sight. **caught**: a warning or worse. **nothing**: the nearest thing that must
not be caught. The wording of the rules is from memory of the sources named; the figures stand in
\`src/core/guard/limits.ts\`. Local food-safety authorities and the manual of a pot go before all of it.
`;

const NAMES: Readonly<Record<string, string>> = {
  'standing-raw': 'Raw food that stands',
  cooling: 'Cooling, between two heats and after the last',
  'hot-holding': 'Hot holding',
  toxin: 'Toxin that heat does not undo',
  reheating: 'Heating again',
  centre: 'Centre temperature',
  lectin: 'Lectin of beans',
  plants: 'Plants that nobody cooks',
  canning: 'Canning',
  valve: 'The valve',
  fill: 'Fill lines',
  fat: 'Fat',
  spirits: 'Spirits',
  fizzy: 'Fizzy drinks',
  lid: 'Under the lid',
  days: 'Days of jars',
  glass: 'Glass',
  size: 'Size',
  presumed: 'Presumed is not seen',
  forgotten: 'A forgotten pot',
};

const cell = (text: string): string => text.replaceAll('|', '\\|');

/** docs/safety.md, whole. */
export function safetyPage(): string {
  const caught = CASES.filter(({ wants }) => wants !== 'nothing').length;
  const parts = HAZARD_KEYS.flatMap((hazard): readonly string[] => {
    const cases = CASES.filter((c) => c.hazard === hazard);
    if (cases.length === 0) return [];
    const rules = [...new Set(cases.map(({ rule }) => rule))];
    return [
      `## ${NAMES[hazard] ?? hazard}`,
      ...(HAZARDS[hazard] ? [`Concerns ${HAZARDS[hazard].concerns}.`] : []),
      rules
        .map((key) => `- **${key}**: ${RULES[key].says} Source: ${RULES[key].source}.`)
        .join('\n'),
      [
        '| case | wanted | rule |',
        '| --- | --- | --- |',
        ...cases.map((c) => `| ${cell(c.says)} | ${WANTED[c.wants]} | ${c.rule} |`),
      ].join('\n'),
    ];
  });
  return (
    [
      HEAD,
      `${CASES.length} cases: ${caught} that must be caught, and ${CASES.length - caught} nearest things that must not be.`,
      ...parts,
    ].join('\n\n') + '\n'
  );
}
