/** Lines of a list that are no ingredient: the heading of a group, and a step among the foods. */

/** Heading of what goes in when the pot is open again. */
const AT_END =
  /^(?:(?:stir|mix|fold|add)(?:ed)? in )?(?:at|for) the (?:very )?end$|^to finish$|^after (?:cooking|opening|the lid)$/i;
/** Heading of what goes on the table. */
const AT_TABLE =
  /^(?:to serve(?: with)?|for serving|(?:to|for)(?: the)? garnish|garnish(?:es)?|toppings?|for (?:the )?topping|(?:at|for) the table)$/i;

/** Whether a line says by itself where its food goes. */
const SAYS_WHERE =
  /\b(?:at|for) the (?:very )?end\b|\bto (?:serve|finish|garnish)\b|\bfor serving\b/i;

/**
 * Returns what the heading of a group adds to each of its lines; null for a line that is no such heading.
 *
 * @example groupOf('To serve:') // "to serve"
 */
export function groupOf(line: string): string | null {
  const words = line.replace(/[:\s]+$/, '').trim();
  if (AT_END.test(words)) return 'at the end';
  return AT_TABLE.test(words) ? 'to serve' : null;
}

/** Drops the headings of groups; each line of "At the end:" says so itself afterwards. */
export function ungrouped(lines: readonly string[]): readonly string[] {
  let group: string | null = null;
  return lines.flatMap((line) => {
    const opened = groupOf(line);
    if (opened !== null || line.endsWith(':')) {
      group = opened;
      return [];
    }
    return [group === null || SAYS_WHERE.test(line) ? line : `${line}, ${group}`];
  });
}

const MINUTES = /\d\s*(?:-\s*)?(?:min(?:ute)?s?|h(?:ou)?rs?|h)\b/i;
const PRESSURE =
  /\b(?:(?:high|low|full)[- ]pressure|(?:at|under) pressure|pressure[- ]cook|HP|LP)\b/i;
const LETS_OFF =
  /\b(?:(?:natural|quick|rapid|manual)(?:ly)?[- ](?:pressure[- ])?release|release (?:naturally|quickly)|NPR|QPR|QR|NR)\b/i;
const OPEN = /^(?:then )?(?:simmer|brown|saut[ée]|fry|sear|rest|boil|keep warm)(?!\p{L})/iu;

/**
 * Whether a line of a list is a step and no ingredient.
 *
 * @example isStepLine('8 min high pressure, 10 min natural release') // true
 */
export function isStepLine(line: string): boolean {
  if (LETS_OFF.test(line)) return true;
  return MINUTES.test(line) && (PRESSURE.test(line) || OPEN.test(line));
}
