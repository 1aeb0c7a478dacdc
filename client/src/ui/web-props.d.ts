import 'react-native';

declare module 'react-native' {
  interface ViewProps {
    /** On the web: attributes that begin with `data-`. */
    dataSet?: Readonly<Record<string, string>>;
  }
}
