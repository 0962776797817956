/** Pages and bits of pages as text, by a parser that reads any of them in one go. */
import { Parser, type Handler } from 'htmlparser2';

/** Tags that end a sentence as a full stop does. */
const BLOCKS = /^(?:li|p|div|h\d|br|tr|section|ol|ul|dl|dd|dt)$/;

/** Texts of a bit of a page, a block each: tags taken out, entities read, white space folded. */
export function blocksOf(html: string): readonly string[] {
  const blocks: string[] = [];
  let now = '';
  const end = (): void => {
    const text = now.replace(/\s+/g, ' ').trim();
    if (text) blocks.push(text);
    now = '';
  };
  const parser = new Parser(
    {
      ontext: (text) => {
        const [first = '', ...rest] = text.split(/\r?\n/);
        now += first;
        for (const row of rest) {
          end();
          now = row;
        }
      },
      onopentagname: (name) => {
        if (name === 'br') end();
        else now += ' ';
      },
      onclosetag: (name) => {
        if (BLOCKS.test(name)) end();
        else now += ' ';
      },
    },
    { decodeEntities: true },
  );
  parser.end(html);
  end();
  return blocks;
}

/** The text of a field. */
export function textOf(html: string): string {
  return blocksOf(html).join(' ');
}

const DATA = 'application/ld+json';
/** No page has so many tags open at once; one that does is not read further. */
const MOST_OPEN = 2000;

/** Reads the tags of a page up to so many open at once. @returns whether there were more */
function readTags(page: string, most: number, handler: Partial<Handler>): boolean {
  let open = 0;
  let isTooDeep = false;
  const parser = new Parser({
    ...handler,
    onopentag: (name, attributes, isImplied) => {
      open++;
      if (open > most) {
        isTooDeep = true;
        parser.pause();
      }
      handler.onopentag?.(name, attributes, isImplied);
    },
    onclosetag: (name, isImplied) => {
      open--;
      handler.onclosetag?.(name, isImplied);
    },
  });
  parser.end(page);
  return isTooDeep;
}

/** Whether more tags are open at once than any page has. */
export function isNestedTooDeep(page: string, most: number): boolean {
  return readTags(page, most, {});
}

/** Contents of a page's scripts of linked data. */
export function dataIn(page: string): readonly string[] {
  const found: string[] = [];
  let inside = false;
  readTags(page, MOST_OPEN, {
    onopentag: (name, attributes) => {
      inside = name === 'script' && (attributes['type'] ?? '').trim().toLowerCase() === DATA;
      if (inside) found.push('');
    },
    ontext: (text) => {
      if (inside) found.push((found.pop() ?? '') + text);
    },
    onclosetag: () => {
      inside = false;
    },
  });
  return found;
}
