import { configure } from '@testing-library/react-native';

// On two busy cores what is waited for (a digest of a PIN, say) may take seconds; a test that goes wrong waits for it once.
configure({ asyncUtilTimeout: 20_000 });
