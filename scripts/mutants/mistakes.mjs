// Small mistakes that can be made in a file of TypeScript, and the file with all of them in it, each asleep until `__mistake` names it.
import ts from 'typescript';

const SWAPS = new Map([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
]);
const CALLS = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor', some: 'every', every: 'some' };

const isText = (node) =>
  ts.isStringLiteralLike(node) ||
  ts.isTemplateExpression(node) ||
  (ts.isBinaryExpression(node) &&
    node.operatorToken.kind === ts.SyntaxKind.PlusToken &&
    (isText(node.left) || isText(node.right)));

/** What could be written instead of an expression, and the whole of it then; undefined where nothing is tried. */
function mistakeOf(node) {
  const read = (part) => part.getText();
  if (ts.isBinaryExpression(node) && SWAPS.has(node.operatorToken.kind)) {
    if (isText(node)) return undefined;
    return {
      at: node.operatorToken,
      becomes: SWAPS.get(node.operatorToken.kind),
      whole: `(${read(node.left)}) ${SWAPS.get(node.operatorToken.kind)} (${read(node.right)})`,
    };
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return { at: node, becomes: node.operand.getText(), whole: `!!(${read(node.operand)})` };
  if (ts.isConditionalExpression(node))
    return {
      at: node.condition,
      becomes: `!(${node.condition.getText()})`,
      whole: `(${read(node.condition)}) ? (${read(node.whenFalse)}) : (${read(node.whenTrue)})`,
    };
  if (
    ts.isCallExpression(node) &&
    ts.isPropertyAccessExpression(node.expression) &&
    Object.hasOwn(CALLS, node.expression.name.text)
  ) {
    const becomes = CALLS[node.expression.name.text];
    const dot = node.expression.questionDotToken ? '?.' : '.';
    return {
      at: node.expression.name,
      becomes,
      whole: `(${read(node.expression.expression)})${dot}${becomes}(${node.arguments.map(read).join(', ')})`,
    };
  }
  if (node.kind === ts.SyntaxKind.TrueKeyword) return { at: node, becomes: 'false', whole: 'false' };
  if (node.kind === ts.SyntaxKind.FalseKeyword) return { at: node, becomes: 'true', whole: 'true' };
  return undefined;
}

/**
 * A file with every mistake in it: `expression` becomes `(__is(7) ? mistaken : expression)`.
 *
 * @returns {{ text: string, mistakes: { id: number, file: string, line: number, was: string, becomes: string }[] }}
 */
export function withMistakes(file, text, firstId) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ESNext, true);
  const mistakes = [];
  /** A node as it will read, its parts with their own mistakes. */
  const read = (node) => {
    // what is only a type is not run
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node))
      return node.getText();
    const plain = () => {
      let out = '';
      let from = node.getStart();
      const ends = node.end;
      ts.forEachChild(node, (child) => {
        const start = child.getStart();
        if (child.end <= from) return;
        out += text.slice(from, start) + read(child);
        from = child.end;
      });
      return out + text.slice(from, ends);
    };
    const mistake = mistakeOf(node);
    if (!mistake) return plain();
    const id = firstId + mistakes.length;
    const line = source.getLineAndCharacterOfPosition(mistake.at.getStart()).line + 1;
    mistakes.push({ id, file, line, was: mistake.at.getText(), becomes: mistake.becomes });
    return `(__is(${id}) ? (${mistake.whole}) : (${plain()}))`;
  };
  return { text: read(source), mistakes };
}
