/** What our pages and the packages below them use of React Native for the web; its one entry brings every component there is. */
export { default as AppState } from 'react-native-web/dist/exports/AppState';
export { default as Appearance } from 'react-native-web/dist/exports/Appearance';
export { default as I18nManager } from 'react-native-web/dist/exports/I18nManager';
export { default as Platform } from 'react-native-web/dist/exports/Platform';
export { default as Pressable } from 'react-native-web/dist/exports/Pressable';
export { default as StyleSheet } from 'react-native-web/dist/exports/StyleSheet';
export { default as Text } from 'react-native-web/dist/exports/Text';
export { default as View } from 'react-native-web/dist/exports/View';
export { default as useColorScheme } from 'react-native-web/dist/exports/useColorScheme';
