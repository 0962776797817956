/** Every text that the interface may show, read off the sources. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

export interface Text {
  readonly file: string;
  readonly text: string;
}

const ROOT = path.join(process.cwd(), 'src');
/** Rooms that speak; what reads recipes and names foods has words of other people in it. */
const ROOMS = ['screens', 'ui', 'drawings', 'session', 'store', 'words', 'core'];
const SILENT =
  /(?:\.test\.tsx?|\.d\.ts)$|[\\/](?:testing|fixtures|schema)[\\/]|core[\\/](?:food|quantity|heat|batch[\\/](?:reading|household))[\\/]|words[\\/](?:terms|english)\.ts$/;
/** Attributes that nobody reads. */
const UNREAD = new Set(['className', 'data-testid', 'key', 'id', 'href', 'd', 'look']);

function files(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) return files(at);
    return /\.tsx?$/.test(entry.name) && !SILENT.test(at) ? [at] : [];
  });
}

function textsOf(file: string): readonly Text[] {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    kind,
  );
  const found: Text[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxAttribute(node) && UNREAD.has(node.name.getText())) return;
    const text = ts.isJsxText(node)
      ? node.text.replaceAll(/\s+/g, ' ').trim()
      : ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
        ? node.text
        : ts.isTemplateExpression(node)
          ? node
              .getText()
              .slice(1, -1)
              .replaceAll(/\$\{[^{}]*\}/g, '…')
          : '';
    if (text.length > 2) found.push({ file: path.relative(ROOT, file), text });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Texts of the interface: JSX, strings and templates, what is put in between as “…”. */
export function interfaceTexts(): readonly Text[] {
  return ROOMS.flatMap((room) => files(path.join(ROOT, room)).flatMap(textsOf));
}
