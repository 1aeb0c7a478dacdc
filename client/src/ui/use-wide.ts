import { useWindowDimensions } from 'react-native';

/** Whether there is room for map or list on the left and work on the right. */
export function useWide(): boolean {
  return useWindowDimensions().width >= 1024;
}
