import { core } from './core';

export const en = { ...core };
