const isCallOf = (callee, object, property) =>
  callee.type === 'MemberExpression' && callee.object.name === object && callee.property.name === property;

/** Forbids reading the clock or drawing a random number: callers pass the time and the seed (docs/decisions/0002). */
const noClock = {
  create: (context) => ({
    CallExpression(node) {
      if (isCallOf(node.callee, 'Date', 'now')) context.report({ node, message: 'Take the time as a parameter.' });
      if (isCallOf(node.callee, 'Math', 'random')) context.report({ node, message: 'Take a seed as a parameter.' });
    },
    NewExpression(node) {
      if (node.callee.name === 'Date' && node.arguments.length === 0)
        context.report({ node, message: 'Take the time as a parameter.' });
    },
  }),
};
export default { meta: { name: 'ironpan' }, rules: { 'no-clock': noClock } };
