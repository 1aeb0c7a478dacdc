const { options } = require('./.dependency-cruiser.cjs');

/** Folders never stand in a circle: what two of them share is a third one, below both. Tests reach wherever they have to. */
module.exports = {
  forbidden: [
    {
      name: 'no-folder-circles',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|words|contract|server|client)/src/' },
      to: { circular: true },
    },
  ],
  options: { ...options, exclude: { path: `${options.exclude.path}|\\.test(ing)?\\.tsx?$` } },
};
