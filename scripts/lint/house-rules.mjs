/** What a reader is told: by these names our own parts take it. */
const said = /^(label|title|hint|because|what|aria-label|placeholder)$/;

/** Words in a page's marks would be the same in every language: they stand in words/. */
const wordsInCatalogues = {
  create(context) {
    const report = (node) => context.report({ node, message: 'words stand in words/' });
    return {
      JSXText(node) {
        if (/[a-zA-Z]{2}/.test(node.value)) report(node);
      },
      JSXAttribute({ name, value }) {
        if (said.test(name.name) && value?.type === 'Literal' && /[a-z]{3}/.test(value.value)) report(value);
      },
    };
  },
};

/** `new Date()` reads the clock; what works something out is given the time. */
const timeIsGiven = {
  create(context) {
    return {
      NewExpression(node) {
        if (node.callee.name === 'Date' && node.arguments.length === 0)
          context.report({ node, message: 'the time is given' });
      },
    };
  },
};

export default {
  meta: { name: 'house' },
  rules: { 'words-in-catalogues': wordsInCatalogues, 'time-is-given': timeIsGiven },
};
