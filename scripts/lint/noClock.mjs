/** Now is a number passed in, and so is a seed: only the clock files may ask the machine (docs/decisions/0002). */
const isCallOf = (callee, object, property) =>
  callee.type === 'MemberExpression' && callee.object.name === object && callee.property.name === property;

const noClock = {
  create: (context) => ({
    CallExpression(node) {
      if (isCallOf(node.callee, 'Date', 'now')) context.report({ node, message: 'Now is passed in.' });
      if (isCallOf(node.callee, 'Math', 'random')) context.report({ node, message: 'Seeds are passed in.' });
    },
    NewExpression(node) {
      if (node.callee.name === 'Date' && node.arguments.length === 0)
        context.report({ node, message: 'Now is passed in.' });
    },
  }),
};
export default { meta: { name: 'ironpan' }, rules: { 'no-clock': noClock } };
