export { dropTemplates as default } from './templates.testing';
