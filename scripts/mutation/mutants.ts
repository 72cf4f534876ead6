/** Small faults for a source file, all of them in one text: each is there behind a switch. */
import ts from 'typescript';

export interface Mutant {
  id: number;
  file: string;
  line: number;
  /** Which kind of fault. */
  kind: string;
  was: string;
  becomes: string;
}

/** The name of the switch in the instrumented text: true for the one fault that is on. */
export const SWITCH = '__fault';

const COMPARED: Readonly<Record<string, readonly string[]>> = {
  '<': ['<=', '>='],
  '<=': ['<', '>'],
  '>': ['>=', '<='],
  '>=': ['>', '<'],
  '===': ['!=='],
  '!==': ['==='],
  '==': ['!='],
  '!=': ['=='],
  '+': ['-'],
  '-': ['+'],
  '*': ['/'],
  '/': ['*'],
  '%': ['*'],
  '&&': ['||'],
  '||': ['&&'],
  '??': ['&&'],
};
const ASSIGNED: Readonly<Record<string, string>> = { '+=': '-=', '-=': '+=', '*=': '/=' };
/** Calls that are left out, or turned into their opposite. */
const LEFT_OUT = new Set(['filter', 'sort', 'toSorted', 'reverse', 'toReversed', 'slice', 'trim']);
const OPPOSITE: Readonly<Record<string, string>> = {
  min: 'max',
  max: 'min',
  ceil: 'floor',
  floor: 'ceil',
  some: 'every',
  every: 'some',
  startsWith: 'endsWith',
  endsWith: 'startsWith',
};

/**
 * Instruments a TypeScript file. Texts are left as they are: their words are no rule.
 *
 * @param firstId id of its first mutant
 * @returns the text with every fault behind its switch, and what the faults are
 */
export function instrument(
  file: string,
  source: string,
  firstId: number,
): { code: string; mutants: Mutant[] } {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const mutants: Mutant[] = [];
  const textOf = (node: ts.Node): string => source.slice(node.getStart(tree), node.getEnd());

  function add(node: ts.Node, kind: string, becomes: string): number {
    const id = firstId + mutants.length;
    const { line } = tree.getLineAndCharacterOfPosition(node.getStart(tree));
    mutants.push({ id, file, line: line + 1, kind, was: textOf(node), becomes });
    return id;
  }

  /** The node’s text with its children instrumented. */
  function inner(node: ts.Node): string {
    let text = '';
    let at = node.getStart(tree);
    ts.forEachChild(node, (child) => {
      const start = child.getStart(tree);
      if (start < at) return;
      text += source.slice(at, start) + emit(child);
      at = child.getEnd();
    });
    return text + source.slice(at, node.getEnd());
  }

  function emit(node: ts.Node): string {
    if (ts.isTypeNode(node) || ts.isTypeAliasDeclaration(node) || ts.isInterfaceDeclaration(node))
      return textOf(node);
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return textOf(node);
    if (ts.isExpressionStatement(node) && ts.isCallExpression(node.expression)) {
      const id = add(node, 'statement', '');
      return `if (!${SWITCH}(${id})) { ${inner(node)} }`;
    }
    if (ts.isIfStatement(node)) {
      const on = add(node.expression, 'condition', 'true');
      const off = add(node.expression, 'condition', 'false');
      const condition = `${SWITCH}(${on}) || (!${SWITCH}(${off}) && (${emit(node.expression)}))`;
      const otherwise = node.elseStatement ? ` else ${emit(node.elseStatement)}` : '';
      return `if (${condition}) ${emit(node.thenStatement)}${otherwise}`;
    }
    const own = inner(node);
    const others = faultsOf(node);
    if (others.length === 0) return own;
    const switched = others
      .map(([kind, becomes]) => `${SWITCH}(${add(node, kind, becomes)}) ? (${becomes}) : `)
      .join('');
    return `(${switched}(${own}))`;
  }

  function faultsOf(node: ts.Node): [kind: string, becomes: string][] {
    if (ts.isBinaryExpression(node)) {
      const operator = node.operatorToken.getText(tree);
      const [left, right] = [textOf(node.left), textOf(node.right)];
      const assigned = ASSIGNED[operator];
      if (assigned) return [['assignment', `${left} ${assigned} ${right}`]];
      // Sentences are joined with a plus as well.
      if (operator === '+' && [node.left, node.right].some(isText)) return [];
      return (COMPARED[operator] ?? []).map((other) => [
        'operator',
        `(${left}) ${other} (${right})`,
      ]);
    }
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      return [['negation', textOf(node.operand)]];
    if (node.kind === ts.SyntaxKind.TrueKeyword) return [['boolean', 'false']];
    if (node.kind === ts.SyntaxKind.FalseKeyword) return [['boolean', 'true']];
    if (ts.isConditionalExpression(node))
      return [
        ['choice', textOf(node.whenTrue)],
        ['choice', textOf(node.whenFalse)],
      ];
    if (ts.isArrayLiteralExpression(node) && node.elements.length > 0)
      return isTarget(node) ? [] : [['list', '[]']];
    if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { name, expression } = node.expression;
      const rest = source.slice(name.getEnd(), node.getEnd());
      if (LEFT_OUT.has(name.text)) return [['call', textOf(expression)]];
      const opposite = OPPOSITE[name.text];
      const link = node.expression.questionDotToken ? '?.' : '.';
      if (opposite) return [['call', `${textOf(expression)}${link}${opposite}${rest}`]];
    }
    return [];
  }

  /** `[a, b] = …` */
  function isTarget(node: ts.Node): boolean {
    const { parent } = node;
    return (
      ts.isBinaryExpression(parent) &&
      parent.left === node &&
      parent.operatorToken.kind === ts.SyntaxKind.EqualsToken
    );
  }

  function isText(node: ts.Node): boolean {
    if (ts.isBinaryExpression(node)) return isText(node.left) || isText(node.right);
    return ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);
  }

  return { code: emit(tree), mutants };
}
