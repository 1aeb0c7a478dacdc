const path = require('node:path');

/**
 * What stands in for whole packages, or for parts of them that no page of ours ever reaches: Metro leaves nothing out by itself,
 * and each of these brings far more than is used (tab bars, headers of phones' own stacks, every list and animation, telephone
 * numbers of all countries) into the first page. The left side is what would be taken, the right one what is taken for it.
 */
const parts = {
  'class-validator/cjs/index.js': 'validator.js',
  'react-native-web/dist/index.js': 'native.js',
  'react-native-css-interop/dist/runtime/components.js': 'class-names.js',
  'expo-router/build/index.js': 'router.js',
  'expo-router/build/link/Link.js': 'router-link.js',
  'expo-router/build/fork/native-stack/createNativeStackNavigator.js': 'native-stack.js',
  'expo-router/build/layouts/stack-utils/index.js': 'nothing.js',
  'expo-router/build/native-tabs/NativeTabTrigger.js': 'native-tabs.js',
  'expo-router/build/screensFeatureFlags.js': 'screen-flags.js',
  'expo-router/build/utils/splash.js': 'splash.js',
  'expo-router/build/views/Sitemap.js': 'nothing.js',
  'expo-router/build/views/Toast.js': 'nothing.js',
  'expo-constants/build/Constants.js': 'constants.js',
  'expo-linking/build/Linking.js': 'linking.js',
  'expo-modules-core/src/index.ts': 'modules.js',
};

const byFile = new Map(
  Object.entries(parts).map(([taken, part]) => [path.normalize(taken), path.join(__dirname, part)]),
);

/** What is taken for a file of a package: the file itself, mostly. */
function partFor(filePath) {
  const from = filePath.lastIndexOf(`node_modules${path.sep}`);
  return (from >= 0 && byFile.get(filePath.slice(from + 'node_modules/'.length))) || filePath;
}

module.exports = { parts, partFor };
