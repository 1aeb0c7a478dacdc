export { TemplateScreen as default } from '../../../../src/template/template-screen';
