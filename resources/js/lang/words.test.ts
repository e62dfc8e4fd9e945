import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const catalogues = import.meta.glob<Record<string, string>>('/lang/en/web/*.json', {
  import: 'default',
  query: '?raw',
  eager: true,
}) as unknown as Record<string, string>;
const sources = import.meta.glob<string>(['../**/*.{ts,tsx}', '!../**/*.test.*', '!../testing/**'], {
  import: 'default',
  query: '?raw',
  eager: true,
});

const partOf = (path: string) => path.replace(/^.*\/|\.json$/g, '');
const messages = Object.fromEntries(
  Object.entries(catalogues).map(([path, text]) => [
    partOf(path),
    JSON.parse(text) as Record<string, string>,
  ]),
);

/** The names of what goes into a message: values, and the tags that wrap words. */
function namesIn(parts: MessageFormatElement[]): string[] {
  return parts.flatMap((part) => {
    if (part.type === TYPE.literal || part.type === TYPE.pound) return [];
    if (part.type === TYPE.tag) return [part.value, ...namesIn(part.children)];
    if (part.type === TYPE.select || part.type === TYPE.plural) {
      return [part.value, ...Object.values(part.options).flatMap((option) => namesIn(option.value))];
    }
    return [part.value];
  });
}

type Said = { at: string; part: string; key: string; names: string[] };

const said: Said[] = [];
const inPlace: string[] = [];

/** Attributes that a person reads or hears. */
const READ =
  /^(aria-label|aria-valuetext|label|title|placeholder|says|hint|okText|cancelText|honest|extra|caption|ariaLabelForHandle|alt|what|low|high|none)$/;
/** Properties that are shown wherever they stand. */
const SHOWN = /^(label|title|says|hint|message|text)$/;
/** What machines read, though it has spaces or a capital. */
const TECHNICAL = [
  /; path=\//,
  /^[./#([*]|^--|:\/\/|^[\w-]+\/[\w+.-]+$|^rush-hold/,
  /^(translate|rotate|scale|rgb|url|var|calc|repeat|radial-gradient|M[\d§-])/,
  /^(Arrow|Escape|Enter|Tab|Home|End|Shift|Control|Delete|Backspace|PageUp|PageDown)/,
  /^(Content-Type|Idempotency-Key|Accept|Authorization|AbortError|Not Found|There (are|is) no (words|message)|Bearer)/,
  /^(input|button|main)[,:]|^Files$/,
];
/** Names of changes and of sets of words, which stay inside the program. */
const NAMES =
  /^(drag|light|form|corner|companion|speed|subject|own|undo|new|about|word|fine|short|lens choice|layout to practise|kit)\b/;

const literal = (node: ts.Node): string | null => {
  if (ts.isStringLiteralLike(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return null;
  return node.head.text + node.templateSpans.map((span) => `§${span.literal.text}`).join('');
};

const reads = (text: string) =>
  /^\p{Lu}\p{Ll}+(\s|$|[:,.?…])/u.test(text) ||
  (/\p{L}/u.test(text.replaceAll('§', '')) && /\s|[“”’…]/.test(text));

function attributeOf(node: ts.Node): string | null {
  for (let at = node.parent; at; at = at.parent) {
    if (ts.isJsxAttribute(at)) return at.name.getText();
    if (ts.isFunctionLike(at) || ts.isJsxElement(at) || ts.isCallExpression(at)) return null;
  }
  return null;
}

/** A choice of words that stands in a longer text. */
function inTemplate(node: ts.Node): boolean {
  const at = node.parent;
  if (ts.isTemplateSpan(at)) return at.expression === node;
  if (ts.isConditionalExpression(at)) return at.condition !== node && inTemplate(at);
  return ts.isParenthesizedExpression(at) && inTemplate(at);
}

const stays = (node: ts.Node) => {
  const at = node.parent;
  if (ts.isTypeNode(at) || ts.isElementAccessExpression(at) || ts.isCaseClause(at)) return true;
  if (ts.isPropertyAssignment(at) || ts.isBindingElement(at)) return at.name === node;
  if (!ts.isBinaryExpression(at)) return false;
  return (
    at.operatorToken.kind !== ts.SyntaxKind.QuestionQuestionToken &&
    /[=!]==|in/.test(at.operatorToken.getText())
  );
};

function look(path: string, file: ts.SourceFile) {
  const where = (node: ts.Node) => `${path}:${file.getLineAndCharacterOfPosition(node.getStart()).line + 1}`;
  let part = '';
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) {
      const from = /(?:lang\/|^'\.\/)([\w-]+)'$/.exec(node.moduleSpecifier.getText())?.[1];
      if (from && /\bt\b/.test(node.importClause?.getText() ?? '')) part = from;
      return;
    }
    if (ts.isTypeAliasDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isCallExpression(node) && /^t(\.rich)?$/.test(node.expression.getText())) {
      const [key, values] = node.arguments;
      const names = values && ts.isObjectLiteralExpression(values) ? values.properties : [];
      if (key) {
        said.push({
          at: where(node),
          part,
          key: literal(key) ?? '?',
          names: names.map((one) => one.name?.getText() ?? '?'),
        });
      }
      values?.forEachChild(visit);
      return;
    }
    if (ts.isJsxText(node) && /\p{L}/u.test(node.text)) inPlace.push(`${where(node)} ${node.text.trim()}`);
    const text = literal(node);
    if (text !== null && !stays(node)) {
      const attribute = attributeOf(node);
      const read =
        attribute === null
          ? reads(text) && !NAMES.test(text)
          : READ.test(attribute) && /\p{L}{2}/u.test(text);
      const shown =
        ts.isPropertyAssignment(node.parent) &&
        SHOWN.test(node.parent.name.getText()) &&
        /\p{L}{2}/u.test(text.replaceAll('§', ''));
      const within =
        attribute !== 'className' && inTemplate(node) && /^[\p{L} ,]*\p{L}{3}[\p{L} ,]*$/u.test(text);
      if ((read || shown || within) && !TECHNICAL.some((one) => one.test(text)))
        inPlace.push(`${where(node)} ${text}`);
    }
    node.forEachChild(visit);
  };
  visit(file);
}

for (const [path, source] of Object.entries(sources)) {
  if (/schema\.d|\/worker\/|\/theme\/|painted/.test(path)) continue;
  look(path, ts.createSourceFile(path, source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
}

describe('what screens say', () => {
  it('stands in the catalogue, not in the mark-up', () => {
    expect(inPlace).toEqual([]);
  });

  it('is written as messages that can be read, and each is said somewhere', () => {
    const spoken = new Set(said.map((one) => `${one.part} ${one.key}`));
    const idle = Object.entries(messages).flatMap(([part, of]) =>
      Object.keys(of)
        .filter((key) => !spoken.has(`${part} ${key}`))
        .map((key) => `${part} ${key}`),
    );
    expect(said.length).toBeGreaterThan(2000);
    expect(idle).toEqual([]);
  });

  it('is given all that goes into it, and nothing else', () => {
    const wrong = said.flatMap(({ at, part, key, names }) => {
      const wanted = [...new Set(namesIn(parse(messages[part]?.[key] ?? '')))].sort();
      const given = [...names].sort();
      return wanted.join() === given.join() ? [] : [`${at} ${key}: ${given} for ${wanted}`];
    });
    expect(wrong).toEqual([]);
  });
});
