import { inPlace, type Heavy } from './heavy';
import { told } from './told';

export const jobSheet = told<Parameters<Heavy['jobSheet']>, Uint8Array>(inPlace.jobSheet);
export const stackCard = told(inPlace.stackCard);
export const readJobFile = told(inPlace.readJobFile);
