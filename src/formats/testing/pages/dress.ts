/** The same recipe in the shapes in which pages, files, mails and notes bring it. */
import type { PageCase } from './first';

type Dress = (page: PageCase) => string;

const esc = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
const each = (rows: readonly string[], dress: (row: string, i: number) => string): string =>
  rows.map(dress).join('\n');

function data(page: PageCase, instructions: unknown): Readonly<Record<string, unknown>> {
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: page.name,
    ...(page.serves !== null && { recipeYield: [`${page.serves}`, `${page.serves} servings`] }),
    recipeIngredient: page.lines,
    recipeInstructions: instructions,
  };
}

const steps = (page: PageCase): readonly unknown[] =>
  page.done.map((text) => ({ '@type': 'HowToStep', text }));

const site = (head: string, body: string): string =>
  `<!doctype html><html><head><title>A kitchen</title>${head}</head><body><nav><ul><li><a href="/">Home</a></li><li>Soups</li></ul></nav>${body}<footer><p>Newsletter: 10 minutes a week</p></footer></body></html>`;

export const DRESSES: Readonly<Record<string, Dress>> = {
  'JSON-LD': (page) => JSON.stringify(data(page, steps(page))),
  'JSON-LD graph in a page': (page) =>
    site(
      `<script type="application/ld+json">${JSON.stringify({ '@graph': [{ '@type': 'WebSite', name: 'A kitchen' }, data(page, steps(page))] }).replace(/</g, '\\u003c')}</script>`,
      `<h1>${esc(page.name)}</h1><p>Scroll down for the recipe.</p>`,
    ),
  'JSON-LD in sections': (page) =>
    JSON.stringify([
      data(page, [{ '@type': 'HowToSection', name: 'Method', itemListElement: steps(page) }]),
    ]),
  'JSON-LD with one text': (page) => JSON.stringify(data(page, page.done.join('\n'))),
  microdata: (page) =>
    site(
      '',
      `<article itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">${esc(page.name)}</h1>${
        page.serves === null
          ? ''
          : `<p>Serves <span itemprop="recipeYield">${page.serves}</span></p>`
      }<ul>${each(page.lines, (l) => `<li itemprop="recipeIngredient">${esc(l)}</li>`)}</ul><ol itemprop="recipeInstructions">${each(page.done, (d) => `<li>${esc(d)}</li>`)}</ol></article>`,
    ),
  RDFa: (page) =>
    `<div vocab="https://schema.org/" typeof="Recipe"><h1 property="name">${esc(page.name)}</h1><ul>${each(page.lines, (l) => `<li property="recipeIngredient">${esc(l)}</li>`)}</ul><div property="recipeInstructions">${each(page.done, (d) => `<p>${esc(d)}</p>`)}</div>${
      page.serves === null ? '' : `<span property="recipeYield">${page.serves} servings</span>`
    }</div>`,
  'HTML with lists': (page) =>
    site(
      '',
      `<h1>${esc(page.name)}</h1><p>We ate it for three days.</p>${page.serves === null ? '' : `<p>Serves ${page.serves}</p>`}<h2>Ingredients</h2><ul>${each(page.lines, (l) => `<li>${esc(l)}</li>`)}</ul><h2>Method</h2><ol>${each(page.done, (d) => `<li>${esc(d)}</li>`)}</ol><h2>Comments</h2><p>I cooked mine 90 minutes at high pressure!</p>`,
    ),
  'HTML with paragraphs': (page) =>
    `<html><body><h2>${esc(page.name)}</h2>${page.serves === null ? '' : `<p><i>Serves ${page.serves}</i></p>`}<h3>You will need</h3><p>${page.lines.map(esc).join('<br>')}</p><h3>Directions</h3>${each(page.done, (d) => `<p>${esc(d)}</p>`)}<h3>Notes</h3><p>Freezes well for 3 months.</p></body></html>`,
  'HTML with a table': (page) =>
    `<html><body><h1>${esc(page.name)}</h1>${page.serves === null ? '' : `<p>For ${page.serves}</p>`}<h2>Ingredients</h2><table>${each(page.lines, (l) => `<tr><td>${esc(l)}</td></tr>`)}</table><h2>Preparation</h2>${each(page.done, (d, i) => `<p><b>Step ${i + 1}</b> ${esc(d)}</p>`)}</body></html>`,
  markdown: (page) =>
    `# ${page.name}\n\n${page.serves === null ? '' : `*Serves ${page.serves}*\n\n`}## Ingredients\n\n${each(page.lines, (l) => `- ${l}`)}\n\n## Instructions\n\n${each(page.done, (d, i) => `${i + 1}. ${d}`)}\n\n## Notes\n\n- Better the next day.`,
  'text with headings': (page) =>
    `${page.name}\n${page.serves === null ? '' : `Serves ${page.serves}\n`}\nINGREDIENTS\n${page.lines.join('\n')}\n\nMETHOD\n${page.done.join('\n')}\n`,
  'text with boxes': (page) =>
    `${page.name}\n${page.serves === null ? '' : `Makes ${page.serves} servings\n`}\nWhat you'll need:\n${each(page.lines, (l) => `▢ ${l}`)}\n\nHow to make it:\n${each(page.done, (d, i) => `${i + 1}) ${d}`)}`,
  'a mail': (page) =>
    `Subject: ${page.name}\n\nHi, here it is, as promised.\n\n${page.serves === null ? '' : `For ${page.serves}\n`}Ingredients:\n${page.lines.map((l) => `> ${l}`).join('\n')}\n\nDirections:\n${page.done.map((d) => `> ${d}`).join('\n')}\n`,
  'text without headings': (page) =>
    `${page.name}\n${page.serves === null ? '' : `Serves ${page.serves}\n`}\n${page.lines.join('\n')}\n\n${page.done.join('\n')}\n`,
};
