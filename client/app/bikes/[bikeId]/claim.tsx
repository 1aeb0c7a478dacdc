export { ClaimScreen as default } from '../../../src/claim/claim-screen';
