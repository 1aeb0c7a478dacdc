import { cssInterop } from 'react-native-css-interop/dist/runtime/web/api';
import ScrollView from 'react-native-web/dist/exports/ScrollView';
import TextInput from 'react-native-web/dist/exports/TextInput';

import { Pressable, Text, View } from './native';

/** The components of our pages that take class names. */
for (const component of [Pressable, Text, TextInput, View]) cssInterop(component, { className: 'style' });
cssInterop(ScrollView, { className: 'style', contentContainerClassName: 'contentContainerStyle' });
