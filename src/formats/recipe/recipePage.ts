/** A page of a recipe without linked data: by the marks in its tags (microdata, RDFa), or by its rows. */
import { DomUtils, parseDocument } from 'htmlparser2';
import { blocksOf, isNestedTooDeep } from './html';
import { saidInRows, servingsOf, type Row, type Said } from './recipeRows';

type Element = ReturnType<typeof DomUtils.findAll>[number];
type Node = Element['children'][number];

/** Parts of a page that are no recipe: navigation, comments, machinery. */
const NOT_READ: ReadonlySet<string> = new Set(
  'script style nav footer aside form noscript button svg template select iframe head'.split(' '),
);
const NOT_ITS =
  /\b(?:comment|respond|nav|menu|sidebar|related|share|social|cookie|breadcrumb|advert|newsletter)/i;
/** No page has so many tags inside each other. */
const DEEPEST = 300;

const isElement = (node: Node): node is Element => 'attribs' in node;
const textIn = (node: Node): string => blocksOf(DomUtils.getOuterHTML(node)).join(' ');

function isRead({ name, attribs }: Element): boolean {
  const marks = `${attribs['class'] ?? ''} ${attribs['id'] ?? ''}`;
  return !NOT_READ.has(name) && !NOT_ITS.test(marks.replace(/[_-]/g, ' '));
}

const BLOCKS: ReadonlySet<string> = new Set(['p', 'li', 'dd', 'dt', 'blockquote', 'pre']);
const HOLDS = new Set(
  'html body header main div section article ul ol table tbody h1 h2 h3 h4 h5 h6 p dl dd dt'.split(
    ' ',
  ),
);

/** Most rows read of a page; after them come only readers' comments. */
const MOST_ROWS = 1500;

/** Rows of an element by itself; null where it only holds others. */
function ownRows(child: Element): readonly Row[] | null {
  // The word in front of a list is the heading of a group.
  const level = child.name === 'dt' ? '6' : /^h([1-6])$/.exec(child.name)?.[1];
  if (level !== undefined) {
    const text = textIn(child);
    return text ? [{ text, heading: Number(level) }] : [];
  }
  if (child.name === 'tr') {
    const cells = child.children.filter(isElement).map(textIn).join(' ').trim();
    return cells ? [{ text: cells, heading: 0 }] : [];
  }
  const holds = child.children.some((inner) => isElement(inner) && HOLDS.has(inner.name));
  if (!BLOCKS.has(child.name) && holds) return null;
  return blocksOf(DomUtils.getInnerHTML(child)).map((text) => ({ text, heading: 0 }));
}

/** Adds the rows of a tree to others, in their order, up to so many. */
function addRows(node: Pick<Element, 'children'>, rows: Row[]): void {
  for (const child of node.children) {
    if (rows.length >= MOST_ROWS) return;
    if (isElement(child)) {
      if (!isRead(child)) continue;
      const own = ownRows(child);
      if (own) rows.push(...own.slice(0, MOST_ROWS));
      else addRows(child, rows);
      continue;
    }
    const text =
      'data' in child && child.type === 'text' ? child.data.replace(/\s+/g, ' ').trim() : '';
    if (text) rows.push({ text, heading: 0 });
  }
}

/** Rows of a tree, in their order. */
function rowsOf(node: Pick<Element, 'children'>): readonly Row[] {
  const rows: Row[] = [];
  addRows(node, rows);
  return rows;
}

/** The values of a property inside an element that is marked as a recipe. */
function marked(root: Element, attribute: 'itemprop' | 'property') {
  return (name: string): readonly Element[] =>
    DomUtils.findAll(
      ({ attribs }) =>
        (attribs[attribute] ?? '').split(/\s+/).some((one) => one.replace(/^schema:/, '') === name),
      [root],
    );
}

/** Recipe marked by microdata or RDFa; null for none. */
function saidInMarks(nodes: readonly Node[]): Said | null {
  for (const [type, property] of [
    ['itemtype', 'itemprop'],
    ['typeof', 'property'],
  ] as const) {
    const [root] = DomUtils.findAll(
      ({ attribs }) => /(?:^|[/:\s])Recipe$/i.test(attribs[type] ?? ''),
      [...nodes],
    );
    if (!root) continue;
    const of = marked(root, property);
    const ingredients =
      of('recipeIngredient').length > 0 ? of('recipeIngredient') : of('ingredients');
    if (ingredients.length === 0) continue;
    const [name] = of('name');
    return {
      name: name ? textIn(name) : '',
      category: of('recipeCategory').map(textIn).join(' '),
      servings: servingsOf(of('recipeYield').map(textIn).join(' ')),
      lines: ingredients.flatMap((one) => blocksOf(DomUtils.getInnerHTML(one))),
      instructions: of('recipeInstructions').flatMap((one) => blocksOf(DomUtils.getInnerHTML(one))),
    };
  }
  return null;
}

/**
 * Recipe of a page, by its marks or by its headings and lists.
 * @returns null if its tags are nested deeper than those of any real page
 */
export function saidInPage(html: string): Said | null {
  if (isNestedTooDeep(html, DEEPEST)) return null;
  const page = parseDocument(html, { decodeEntities: true });
  const isMarked = /\b(?:itemtype|typeof)\b/i.test(html);
  return (isMarked ? saidInMarks(page.children) : null) ?? saidInRows(rowsOf(page));
}
