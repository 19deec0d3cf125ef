/** Outlines and templates to print. */
export { outlineDrawing, outlineTemplate, type OutlineDrawing } from './outline';
export { liftGaugeTemplate, templateToSvg, wedgeTemplate, type Template } from './template';
