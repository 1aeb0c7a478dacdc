/** What our pages use of the router. */
export * from 'expo-router/build/hooks';
export { router } from 'expo-router/build/imperative-api';
export { Slot } from 'expo-router/build/views/Navigator';
export { Link } from './router-link';
