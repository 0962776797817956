/** A US kitchen has no litres, grams, metres, kilopascals or Celsius in any text, name or hint. */
export const METRIC =
  /\d\s?(?:L|l|ml|kg|g|kPa|bar|°C|cm|mm|m)(?![\w/²])|\b(?:litres?|grams?|millimetres?|kilograms?)\b|a litre/;

/** Everything a page says: what stands on it, and what it says to who cannot see it. Runs in any page. */
export function saidOn(body: Element): readonly string[] {
  const texts: string[] = [];
  const walk = document.createTreeWalker(body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT);
  for (let node: Node | null = body; node; node = walk.nextNode()) {
    if (node instanceof Text && !node.parentElement?.closest('script, style, option'))
      texts.push(node.parentElement?.textContent ?? '');
    if (!(node instanceof Element)) continue;
    for (const name of ['aria-label', 'aria-valuetext', 'title', 'placeholder'])
      texts.push(node.getAttribute(name) ?? '');
    if (node instanceof HTMLOptionElement) texts.push(node.text);
  }
  return texts.filter(Boolean);
}
